<?php

declare(strict_types=1);

namespace FineFrame\Light;

use FineFrame\Geometry\Vec3;

/**
 * What an incident meter with a dome reads at a face: each lamp's light on a plane turned to it, times the dome's
 * response (1 + cos θ)/2 to light θ off the face's axis, plus what is there without lamps.
 */
final readonly class FaceLight
{
    private function __construct(public float $lampLux, public float $ambientLux, private Metering $metering)
    {
    }

    /**
     * @param  float  $lampLux  by lamps and what boards and the room throw back of them, as the dome reads it
     * @param  float  $ambientLux  without lamps, as cloths near the face leave it
     */
    public static function of(float $lampLux, float $ambientLux, Metering $metering): self
    {
        return new self($lampLux, $ambientLux, $metering);
    }

    public function totalLux(): float
    {
        return $this->lampLux + $this->ambientLux;
    }

    public function tStop(): float
    {
        return Exposure::stop($this->totalLux(), $this->metering->shutterS(), $this->metering->iso);
    }

    /** Stops above the wanted exposure. */
    public function stopsOver(): float
    {
        return Exposure::stops($this->metering->wantedLux(), max($this->totalLux(), 1e-6));
    }

    /** (key + ambient) : ambient; null when nothing fills. */
    public function ratio(): ?float
    {
        return Exposure::ratio($this->lampLux, $this->ambientLux);
    }

    /** Lux of one lamp, unobstructed, as a dome at a face with this axis reads it: each part of an even face by its own angle. */
    public static function from(SoftBox $lamp, Vec3 $at, Vec3 $axis): float
    {
        $near = $lamp->domeAt($at, $axis);
        if ($near !== null) {
            return $near;
        }
        $towards = $lamp->centre()->minus($at)->unit();

        return $lamp->luxAt($at, $towards) * (1 + $towards->dot($axis)) / 2;
    }
}
