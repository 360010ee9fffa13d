<?php

declare(strict_types=1);

namespace FineFrame\Light;

use FineFrame\Geometry\Vec3;
use FineFrame\Staging\Body;

/**
 * What an incident meter with a dome reads at a face: each lamp's light on a plane turned to it, times the dome's
 * response (1 + cos θ)/2 to light θ off the face's axis, plus what is there without lamps. Nothing stands in the way.
 */
final readonly class FaceLight
{
    private function __construct(public float $lampLux, private Metering $metering)
    {
    }

    /** @param  array<string, SoftBox>  $lamps */
    public static function on(Body $body, array $lamps, Metering $metering): self
    {
        $axis = $body->face()->at(0);
        $lux = 0.0;
        foreach ($lamps as $lamp) {
            $lux += self::from($lamp, $body->eyes, $axis);
        }

        return new self($lux, $metering);
    }

    public function totalLux(): float
    {
        return $this->lampLux + $this->metering->ambientLux;
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
        return Exposure::ratio($this->lampLux, $this->metering->ambientLux);
    }

    private static function from(SoftBox $lamp, Vec3 $at, Vec3 $axis): float
    {
        $towards = $lamp->centre()->minus($at)->unit();

        return $lamp->luxAt($at, $towards) * (1 + $towards->dot($axis)) / 2;
    }
}
