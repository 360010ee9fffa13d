<?php

declare(strict_types=1);

namespace FineFrame\Light;

/**
 * What sun and sky give outside: the sun's light square to its rays, the sky's on open level ground, and how bright sky and
 * ground look. Mean skies, true within ± 50 % at best: a reading on site scales them.
 */
final readonly class Daylight
{
    /** Sunlight outside the air at the mean distance, lux; older handbooks print 127 500 to 128 000. */
    private const OUTSIDE_LUX = 133_100.0;

    /** What ground gives back at large: grass, gravel, streets. */
    private const GROUND = 0.2;

    /** Sun by its altitude, degrees: middle values that handbooks print, kelvin. */
    private const SUN_KELVIN = [5 => 2900.0, 10 => 3700.0, 20 => 4600.0, 30 => 5100.0, 60 => 5500.0, 90 => 5600.0];

    private const LOWEST_SUN_KELVIN = 2200.0;

    /**
     * @param  float  $sunLux  square to its rays
     * @param  float  $skyLux  on open level ground
     */
    private function __construct(
        public Weather $weather,
        public float $sunLux,
        public float $skyLux,
        private float $sine,
        private float $altitudeDeg,
    ) {
    }

    /**
     * @param  float  $altitudeRad  of the sun
     * @param  float  $factor  for the sky and the sun, from readings on site
     */
    public static function under(Weather $weather, float $altitudeRad, float $distanceAu = 1.0, float $factor = 1.0): self
    {
        $sine = max(0.0, sin($altitudeRad));
        if ($sine <= 0.0) {
            return new self($weather, 0.0, 0.0, 0.0, rad2deg($altitudeRad));
        }
        [$a, $b, $c] = $weather->skyTerms();
        $sun = is_finite($weather->extinction())
            ? self::OUTSIDE_LUX / $distanceAu ** 2 * exp(-$weather->extinction() * self::airMass($altitudeRad))
            : 0.0;

        return new self($weather, $factor * $sun, $factor * 1000 * ($a + $b * $sine ** $c), $sine, rad2deg($altitudeRad));
    }

    /** How much more air than overhead: Kasten and Young 1989. */
    public static function airMass(float $altitudeRad): float
    {
        $deg = rad2deg($altitudeRad);

        return 1 / (sin($altitudeRad) + 0.50572 * ($deg + 6.07995) ** -1.6364);
    }

    /** Cd/m² of the sky, as even. */
    public function skyNits(): float
    {
        return $this->skyLux / M_PI;
    }

    /** Cd/m² of open ground. */
    public function groundNits(): float
    {
        return self::GROUND * ($this->skyLux + $this->sunLux * $this->sine) / M_PI;
    }

    public function sunKelvin(): float
    {
        [$low, $kelvin] = [0.0, self::LOWEST_SUN_KELVIN];
        foreach (self::SUN_KELVIN as $high => $next) {
            if ($this->altitudeDeg <= $high) {
                return self::between($low, $kelvin, $high, $next, $this->altitudeDeg);
            }
            [$low, $kelvin] = [$high, $next];
        }

        return $kelvin;
    }

    private static function between(float $low, float $from, float $high, float $to, float $at): float
    {
        return $from + max(0.0, ($at - $low) / ($high - $low)) * ($to - $from);
    }
}
