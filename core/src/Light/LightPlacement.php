<?php

declare(strict_types=1);

namespace FineFrame\Light;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Geometry\Vec2;
use FineFrame\Measure\Unit;

/** One lamp of a setup: the middle of its face is at the place and height, turned to a subject's face. */
final readonly class LightPlacement implements Part
{
    /** @param  array<string, mixed>  $extra */
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
        public float $kelvin,
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
            $node->number('kelvin', 1800, 15_000, Unit::Kelvin, 5600.0),
            $node->rest(),
        );
    }

    public function write(): array
    {
        return [
            'id' => $this->id, 'name' => $this->name, 'fixture' => $this->fixture, 'stand' => $this->stand,
            'x_m' => $this->place->x, 'y_m' => $this->place->y, 'height_m' => $this->heightM, 'subject' => $this->subject, 'dimmer' => $this->dimmer, 'on' => $this->on, 'kelvin' => $this->kelvin,
        ] + $this->extra;
    }
}
