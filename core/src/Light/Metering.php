<?php

declare(strict_types=1);

namespace FineFrame\Light;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Measure\Unit;

/**
 * How the cameras are to expose, and the light that is there without lamps: as the meter read it at the face, or computed under
 * a sky, at a time of day, scaled by what readings on site showed of sky and room.
 */
final readonly class Metering implements Part
{
    /** @param  array<string, mixed>  $extra */
    private function __construct(
        public float $ambientLux,
        public float $fps,
        public float $iso,
        public float $shutterDeg,
        public float $tStop,
        public Weather $weather,
        public string $clock,
        public float $skyFactor,
        public float $roomFactor,
        private array $extra,
    ) {
    }

    public static function read(Node $node): self
    {
        return new self(
            $node->number('ambient_lux', 0, 200_000, Unit::Lux, 0.0),
            $node->number('fps', 1, 1000, Unit::Count, 25.0),
            $node->number('iso', 25, 409_600, Unit::Count, 800.0),
            $node->number('shutter_deg', 1, 360, Unit::Degree, 180.0),
            $node->number('t_stop', 0.5, 64, Unit::TStop, 2.8),
            $node->choice('weather', Weather::class, Weather::AsMetered),
            $node->clock('clock'),
            $node->number('sky_factor', 0.02, 20, Unit::Ratio, 1.0),
            $node->number('room_factor', 0.02, 20, Unit::Ratio, 1.0),
            $node->rest(),
        );
    }

    public function shutterS(): float
    {
        return Exposure::shutterSeconds($this->shutterDeg, $this->fps);
    }

    /** Lux at the face that give the wanted stop. */
    public function wantedLux(): float
    {
        return Exposure::lux($this->tStop, $this->shutterS(), $this->iso);
    }

    public function write(): array
    {
        return [
            'ambient_lux' => $this->ambientLux, 'fps' => $this->fps, 'iso' => $this->iso,
            'shutter_deg' => $this->shutterDeg, 't_stop' => $this->tStop, 'weather' => $this->weather->value,
            'clock' => $this->clock, 'sky_factor' => $this->skyFactor, 'room_factor' => $this->roomFactor,
        ] + $this->extra;
    }
}
