<?php

declare(strict_types=1);

namespace FineFrame\Camera;

use FineFrame\Document\Column;
use FineFrame\Measure\Unit;

/** How a camera is set. What is not said is as the setup is planned. */
final readonly class Settings
{
    public function __construct(
        public float $fps,
        public float $shutterDeg,
        public float $iso,
        public float $kelvin,
        public string $profile,
        public float $ndStops,
        public string $automatic,
    ) {
    }

    /** @return array<string, Column> */
    public static function columns(): array
    {
        return [
            'fps' => Column::number(1, 1000),
            'shutter_deg' => Column::number(1, 360, Unit::Degree),
            'iso' => Column::number(20, 409_600),
            'white_balance_k' => Column::number(1800, 15_000, Unit::Kelvin),
            'profile' => Column::text(60),
            'nd_stops' => Column::number(0, 14, Unit::Stop),
            'automatic' => Column::choice('nothing', 'focus', 'exposure', 'focus and exposure'),
        ];
    }

    /** As said for a camera, else as planned for all of them. */
    public static function of(CameraPlacement $camera, float $fps, float $shutterDeg, float $iso, float $kelvin): self
    {
        $s = $camera->settings;

        return new self(
            $s->number('fps') ?? $fps, $s->number('shutter_deg') ?? $shutterDeg, $s->number('iso') ?? $iso,
            $s->number('white_balance_k') ?? $kelvin, $s->text('profile'), $s->number('nd_stops') ?? 0.0, $s->text('automatic'),
        );
    }

    public function shutterS(): float
    {
        return $this->shutterDeg / 360 / $this->fps;
    }
}
