<?php

declare(strict_types=1);

namespace FineFrame\Staging;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Geometry\Vec2;

/** Someone in the room, where their head is above the floor and which way their body faces. */
final readonly class Person implements Part
{
    /** A seat as wide as whoever sits on it, and no wider. */
    public const STOOL_M = 0.44;

    /** From this width on a seat has arms. */
    public const ARMS_M = 0.6;

    /** @param  array<string, mixed>  $extra */
    private function __construct(
        public string $id,
        public string $name,
        public Role $role,
        public Posture $posture,
        public float $statureM,
        public float $seatHeightM,
        public float $seatWidthM,
        public float $seatBackM,
        public Vec2 $place,
        public float $facingRad,
        public ?string $looksAt,
        public float $swayM,
        public Instrument $plays,
        private array $extra,
    ) {
    }

    /** Someone of the crew on their feet. */
    public static function crew(string $id, string $name, Vec2 $place, float $facingRad): self
    {
        return new self(
            $id,
            $name,
            Role::Interviewer,
            Posture::Standing,
            1.75,
            0.46,
            self::STOOL_M,
            0.0,
            $place,
            $facingRad,
            null,
            0.0,
            Instrument::None,
            [],
        );
    }

    public static function read(Node $node): self
    {
        return new self(
            $node->id(),
            $node->text('name'),
            $node->choice('role', Role::class, Role::Subject),
            $node->choice('posture', Posture::class, Posture::Seated),
            $node->metres('stature_m', 0.8, 2.4, 1.7),
            $node->metres('seat_height_m', 0.2, 1.2, 0.46),
            $node->metres('seat_width_m', 0.2, 2, self::STOOL_M),
            $node->metres('seat_back_m', 0, 1.5, 0),
            new Vec2($node->metres('x_m', -200, 200), $node->metres('y_m', -200, 200)),
            $node->angle('facing_deg'),
            $node->optionalId('looks_at'),
            $node->metres('sway_m', 0, 1, 0.1),
            $node->choice('plays', Instrument::class, Instrument::None),
            $node->rest(),
        );
    }

    public function write(): array
    {
        return [
            'id' => $this->id, 'name' => $this->name, 'role' => $this->role->value, 'posture' => $this->posture->value,
            'stature_m' => $this->statureM,
            'seat_height_m' => $this->seatHeightM,
            'seat_width_m' => $this->seatWidthM,
            'seat_back_m' => $this->seatBackM,
            'x_m' => $this->place->x,
            'y_m' => $this->place->y,
            'facing_deg' => round(rad2deg($this->facingRad), 9),
            'looks_at' => $this->looksAt,
            'sway_m' => $this->swayM,
            'plays' => $this->plays->value,
        ] + $this->extra;
    }
}
