<?php

declare(strict_types=1);

namespace FineFrame\Light;

/**
 * Haze in a room where air is well mixed: dC/dt = S/V − n·C, and a look through it that keeps e^(−k·C·d) of the contrast behind it
 * (ventilation handbooks; Beer and Lambert). Grams, cubic metres, seconds.
 */
final readonly class Haze
{
    /** Square metres that a gram of droplets of half a micrometre to one shades: a middle value of handbooks, 2 to 4. */
    public const SHADES_M2_G = 3.0;

    /**
     * @param  float  $outputGS  what the hazer puts out
     * @param  float  $changesS  how often the air is changed, each second
     */
    public function __construct(private float $volumeM3, private float $outputGS, private float $changesS)
    {
    }

    /** Density through which a wall so far off keeps such a share of its contrast, g/m³. */
    public static function density(float $keeps, float $distanceM): float
    {
        return -log($keeps) / (self::SHADES_M2_G * $distanceM);
    }

    public static function keeps(float $density, float $distanceM): float
    {
        return exp(-self::SHADES_M2_G * $density * $distanceM);
    }

    /** g/m³ after a time with the hazer on, from a density on. */
    public function after(float $seconds, float $from = 0.0): float
    {
        $most = $this->most();

        return is_infinite($most)
            ? $from + $this->outputGS / $this->volumeM3 * $seconds
            : $most + ($from - $most) * exp(-$this->changesS * $seconds);
    }

    /** What is left of a density after a time with it off. */
    public function left(float $seconds, float $from): float
    {
        return $from * exp(-$this->changesS * $seconds);
    }

    /** The density that it never passes; infinite in a room that is shut. */
    public function most(): float
    {
        return $this->changesS > 0.0 ? $this->outputGS / ($this->volumeM3 * $this->changesS) : INF;
    }

    /** @return float|null seconds with it on from one density to another; null where it never comes there */
    public function fills(float $to, float $from = 0.0): ?float
    {
        $most = $this->most();
        if ($to >= $most || $this->outputGS <= 0.0) {
            return null;
        }

        return is_infinite($most)
            ? ($to - $from) * $this->volumeM3 / $this->outputGS
            : log(($most - $from) / ($most - $to)) / $this->changesS;
    }

    /** @return float|null seconds with it off until a share is left; null in a room that is shut */
    public function fades(float $toShare): ?float
    {
        return $this->changesS > 0.0 ? -log($toShare) / $this->changesS : null;
    }
}
