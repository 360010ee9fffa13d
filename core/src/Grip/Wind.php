<?php

declare(strict_types=1);

namespace FineFrame\Grip;

/** Wind on a frame or a cloth: F = ½·ρ·v²·Cd·A. */
final readonly class Wind
{
    /** Air at sea level and 15 °C, kg/m³; a flat frame square to it. */
    public const AIR = 1.225;

    public const FLAT = 1.2;

    public function __construct(public float $metresASecond, public float $air = self::AIR)
    {
    }

    public function pressurePa(): float
    {
        return 0.5 * $this->air * $this->metresASecond ** 2;
    }

    public function forceN(float $areaM2, float $drag = self::FLAT): float
    {
        return $this->pressurePa() * $drag * $areaM2;
    }

    /**
     * Kilograms of ballast for one stand that carries a frame in it, so many times over.
     *
     * @param  float  $heightM  of the frame’s middle
     * @param  float  $standKg  with the frame
     */
    public function ballastKg(
        float $areaM2,
        float $heightM,
        float $footRadiusM,
        float $standKg,
        float $safety,
        float $drag = self::FLAT,
    ): float {
        $edge = Balance::edgeM($footRadiusM);

        return max(0.0, $safety * $this->forceN($areaM2, $drag) * $heightM / (Balance::G * $edge) - $standKg);
    }

    /** The speed at which a stand with a frame on it goes over. */
    public static function bringsDown(
        float $areaM2,
        float $heightM,
        float $footRadiusM,
        float $massKg,
        float $drag = self::FLAT,
        float $air = self::AIR,
    ): float {
        return sqrt(2 * Balance::G * $massKg * Balance::edgeM($footRadiusM) / ($air * $drag * $areaM2 * $heightM));
    }
}
