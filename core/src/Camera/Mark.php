<?php

declare(strict_types=1);

namespace FineFrame\Camera;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Geometry\Vec2;
use FineFrame\Measure\Unit;

/** Where a moving camera is at a moment of the take, and what it is on. */
final readonly class Mark implements Part
{
    /**
     * @param  float  $atS  seconds from the beginning of the take
     * @param  string|null  $subject  whose eyes it is on; without one it looks along the bearing
     * @param  array<string, mixed>  $extra
     */
    private function __construct(
        public string $id,
        public string $name,
        public float $atS,
        public Vec2 $place,
        public float $heightM,
        public float $focalMm,
        public ?string $subject,
        public float $lead,
        public float $eyeLine,
        public float $bearingRad,
        public float $tiltRad,
        private array $extra,
    ) {
    }

    public static function read(Node $node): self
    {
        return new self(
            $node->id(),
            $node->text('name', '', 80),
            $node->number('at_s', 0, 36_000, Unit::Second),
            new Vec2($node->metres('x_m', -200, 200), $node->metres('y_m', -200, 200)),
            $node->metres('height_m', 0.05, 15),
            $node->number('focal_mm', 1, 2000, Unit::Millimetre),
            $node->optionalId('subject'),
            $node->number('lead', 0, 0.4, Unit::Share, 0.0),
            $node->number('eye_line', 0.05, 0.95, Unit::Share, 0.36),
            $node->angle('bearing_deg', -360, 360, 0),
            $node->angle('tilt_deg', -90, 90, 0),
            $node->rest(),
        );
    }

    public function write(): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'at_s' => $this->atS,
            'x_m' => $this->place->x,
            'y_m' => $this->place->y,
            'height_m' => $this->heightM,
            'focal_mm' => $this->focalMm,
            'subject' => $this->subject,
            'lead' => $this->lead,
            'eye_line' => $this->eyeLine,
            'bearing_deg' => round(rad2deg($this->bearingRad), 9),
            'tilt_deg' => round(rad2deg($this->tiltRad), 9),
        ] + $this->extra;
    }

    public function aim(): Aim
    {
        return $this->subject === null
            ? Aim::along($this->bearingRad, $this->tiltRad)
            : Aim::at($this->subject, $this->lead, LookingSide::Ahead, $this->eyeLine);
    }
}
