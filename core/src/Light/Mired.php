<?php

declare(strict_types=1);

namespace FineFrame\Light;

/** Reciprocal megakelvin: the scale on which shifts of colour add. Positive shifts are warmer. */
final class Mired
{
    public static function of(float $kelvin): float
    {
        return 1e6 / $kelvin;
    }

    public static function shift(float $fromK, float $toK): float
    {
        return self::of($toK) - self::of($fromK);
    }

    /** @return float|null kelvin; null when no temperature is that blue */
    public static function shifted(float $kelvin, float $shift): ?float
    {
        $mired = self::of($kelvin) + $shift;

        return $mired > 0 ? 1e6 / $mired : null;
    }

    /**
     * The one gel whose shift comes nearest to what is wanted.
     *
     * @param  non-empty-array<string, float>  $gels  shift by name
     */
    public static function nearestGel(float $wanted, array $gels): string
    {
        $best = (string) array_key_first($gels);
        foreach ($gels as $name => $shift) {
            $best = abs($shift - $wanted) < abs($gels[$best] - $wanted) - 1e-9 ? (string) $name : $best;
        }

        return $best;
    }
}
