<?php

declare(strict_types=1);

namespace FineFrame\Light;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;
use FineFrame\Measure\Unit;

/**
 * One lamp of a setup: the middle of its lit face, of whatever is put before it, is at the place and height, turned to a subject's face or
 * to a point.
 */
final readonly class LightPlacement implements Part
{
    /** How many things may be put before it, one after the other. */
    public const SLOTS = ['before', 'then', 'last'];

    /**
     * @param  bool  $silhouette  its shadows are meant: someone's silhouette on a wall
     * @param  bool  $carried  on a pole or in a hand, going with its subject as they walk
     * @param  Vec3|null  $aim  what it is turned to; null for the subject's face
     * @param  array<string, string>  $modifiers  of the kit, by slot, from the lamp outward
     * @param  array<string, mixed>  $extra
     */
    private function __construct(
        public string $id,
        public string $name,
        public string $fixture,
        public string $stand,
        public Vec2 $place,
        public float $heightM,
        public string $subject,
        public float $dimmer,
        public bool $on,
        public bool $practical,
        public bool $silhouette,
        public bool $carried,
        public ?LampPart $meant,
        public float $kelvin,
        public float $duv,
        public ?Vec3 $aim,
        public array $modifiers,
        private array $extra,
    ) {
    }

    public static function read(Node $node): self
    {
        return new self(
            $node->id(),
            $node->text('name'),
            $node->id('fixture'),
            $node->id('stand'),
            new Vec2($node->metres('x_m', -200, 200), $node->metres('y_m', -200, 200)),
            $node->metres('height_m', 0.05, 15),
            $node->id('subject'),
            $node->number('dimmer', 0, 1, Unit::Share, 1.0),
            $node->flag('on', true),
            $node->flag('practical', false),
            $node->flag('silhouette', false),
            $node->flag('carried', false),
            $node->has('meant') ? LampPart::from($node->oneOf('meant', LampPart::values())) : null,
            $node->number('kelvin', 1800, 15_000, Unit::Kelvin, 5600.0),
            $node->number('duv', -0.05, 0.05, Unit::Duv, 0.0),
            $node->has('aim_x_m') && $node->has('aim_y_m')
                ? new Vec3(
                    $node->metres('aim_x_m', -200, 200),
                    $node->metres('aim_y_m', -200, 200),
                    $node->metres('aim_height_m', 0, 20, 1.2),
                )
                : null,
            array_filter(
                array_combine(self::SLOTS, array_map(static fn (string $slot): string => (string) $node->optionalId($slot), self::SLOTS)),
            ),
            $node->rest(),
        );
    }

    /** The same, with the middle of its face elsewhere. */
    public function movedTo(Vec3 $place): self
    {
        return new self(
            $this->id,
            $this->name,
            $this->fixture,
            $this->stand,
            $place->floor(),
            $place->z,
            $this->subject,
            $this->dimmer,
            $this->on,
            $this->practical,
            $this->silhouette,
            $this->carried,
            $this->meant,
            $this->kelvin,
            $this->duv,
            $this->aim,
            $this->modifiers,
            $this->extra,
        );
    }

    public function write(): array
    {
        return [
            'id' => $this->id, 'name' => $this->name, 'fixture' => $this->fixture, 'stand' => $this->stand,
            'x_m' => $this->place->x,
            'y_m' => $this->place->y,
            'height_m' => $this->heightM,
            'subject' => $this->subject,
            'dimmer' => $this->dimmer,
            'on' => $this->on,
            'practical' => $this->practical,
            'kelvin' => $this->kelvin,
            'duv' => $this->duv,
        ] + array_filter(
            ['silhouette' => $this->silhouette, 'carried' => $this->carried, 'meant' => $this->meant?->value],
        ) + $this->modifiers + ($this->aim === null
            ? []
            : ['aim_x_m' => $this->aim->x, 'aim_y_m' => $this->aim->y, 'aim_height_m' => $this->aim->z]) + $this->extra;
    }
}
