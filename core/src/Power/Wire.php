<?php

declare(strict_types=1);

namespace FineFrame\Power;

/** A copper conductor of a two-wire run: out and back. */
final readonly class Wire
{
    /** Ohm metres at 20 °C, 100 % IACS. */
    private const COPPER = 1.7241e-8;

    public function __construct(public float $ohmPerKm)
    {
        if ($ohmPerKm < 0.0) {
            throw ImpossiblePower::negative('A resistance');
        }
    }

    /** By American wire gauge: d = 0.127 mm · 92^((36 − n)/39) (ASTM B258). */
    public static function ofGauge(int $gauge): self
    {
        return new self(1000 * self::COPPER / (self::areaMm2($gauge) * 1e-6));
    }

    public static function diameterMm(int $gauge): float
    {
        return 0.127 * 92 ** ((36 - $gauge) / 39);
    }

    public static function areaMm2(int $gauge): float
    {
        return M_PI / 4 * self::diameterMm($gauge) ** 2;
    }

    /** @param  float  $lengthM  one way */
    public function loopOhm(float $lengthM): float
    {
        return 2 * $lengthM * $this->ohmPerKm / 1000;
    }

    public function dropV(float $lengthM, float $amps): float
    {
        return $this->loopOhm($lengthM) * $amps;
    }
}
