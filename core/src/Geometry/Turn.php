<?php

declare(strict_types=1);

namespace FineFrame\Geometry;

/** Differences of bearings. */
final class Turn
{
    /** The same angle in (−π, π]. */
    public static function wrapped(float $rad): float
    {
        $wrapped = fmod($rad + M_PI, 2 * M_PI);

        return ($wrapped <= 0 ? $wrapped + 2 * M_PI : $wrapped) - M_PI;
    }

    /** The bearing nearest to $wanted that is within $limit of $centre. */
    public static function clamped(float $wanted, float $centre, float $limit): float
    {
        return $centre + max(-$limit, min($limit, self::wrapped($wanted - $centre)));
    }
}
