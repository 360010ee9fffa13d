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
    /** Where a dome is turned around a head, besides ahead. */
    public const SIDES = ['left', 'right', 'behind', 'above'];

    /**
     * @param  array<string, float>  $around  lux read to the `left` and `right` of who is lit, `behind` and `above` them
     * @param  float|null  $bearingRad  what was ahead when they were read; null for where the lead looks
     * @param  array<string, mixed>  $extra
     */
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
        public array $around,
        public ?float $bearingRad,
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
            self::around($node),
            $node->has('ambient_bearing_deg') ? $node->angle('ambient_bearing_deg') : null,
            $node->rest(),
        );
    }

    /** @return array<string, float> */
    private static function around(Node $node): array
    {
        $read = [];
        foreach (self::SIDES as $side) {
            if ($node->has("ambient_{$side}_lux")) {
                $read[$side] = $node->number("ambient_{$side}_lux", 0, 200_000, Unit::Lux);
            }
        }

        return $read;
    }

    /**
     * The light that is there, from where it was read.
     *
     * @param  float  $facingRad  where the lead looks: what the readings are by, unless their bearing was written down
     */
    public function ambient(float $facingRad): Ambient
    {
        $side = fn (string $side): ?float => $this->around[$side] ?? null;

        return new Ambient([
            'ahead' => $this->ambientLux,
            'left' => $side('left'), 'right' => $side('right'), 'behind' => $side('behind'), 'above' => $side('above'),
        ], $this->bearingRad ?? $facingRad);
    }

    /** @return array<string, float> what was read around a head, as the plan file writes it */
    private function readings(): array
    {
        $all = [];
        foreach ($this->around as $side => $lux) {
            $all["ambient_{$side}_lux"] = $lux;
        }

        return $all + ($this->bearingRad === null ? [] : ['ambient_bearing_deg' => rad2deg($this->bearingRad)]);
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
        ] + $this->readings() + $this->extra;
    }
}
