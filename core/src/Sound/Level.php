<?php

declare(strict_types=1);

namespace FineFrame\Sound;

/** Decibels that meet: energies add, distance takes 6 dB at its double. */
final class Level
{
    /** Three times as far is this much weaker. */
    public const THREE_TO_ONE_DB = 9.54;

    /** @param  list<float>  $db */
    public static function sum(array $db): float
    {
        return 10 * log10(max(1e-30, array_sum(array_map(static fn (float $l): float => 10 ** ($l / 10), $db))));
    }

    /** How much weaker over one way than over another. */
    public static function between(float $nearM, float $farM): float
    {
        return 20 * log10($farM / $nearM);
    }

    /** What is heard at a distance of what has this level at a metre. */
    public static function at(float $dbAt1m, float $distanceM): float
    {
        return $dbAt1m - 20 * log10($distanceM);
    }
}
