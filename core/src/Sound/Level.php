<?php

declare(strict_types=1);

namespace FineFrame\Sound;

/** One voice over two ways: distance takes 6 dB at its double. */
final class Level
{
    /** Three times as far is this much weaker. */
    public const THREE_TO_ONE_DB = 9.54;

    /** How much weaker over one way than over another. */
    public static function between(float $nearM, float $farM): float
    {
        return 20 * log10($farM / $nearM);
    }
}
