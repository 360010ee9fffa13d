<?php

declare(strict_types=1);

namespace FineFrame\Sound;

/** Sound takes its time: one voice by two ways is late on one of them, and where both meet some of it cancels. */
final class Delay
{
    /** Metres a second in air: `331.3·√(1 + T/273.15)`. */
    public static function speed(float $celsius): float
    {
        return 331.3 * sqrt(1 + $celsius / 273.15);
    }

    public static function seconds(float $distanceM, float $celsius = 20.0): float
    {
        return $distanceM / self::speed($celsius);
    }

    /**
     * What two arrivals of one voice do to it.
     *
     * @return array{notches: list<float>, peaks: list<float>, dipDb: float|null, gainDb: float} hertz; how deep, against the stronger
     *     alone: null for all of it
     */
    public static function comb(float $oneM, float $otherM, float $celsius, int $count): array
    {
        $apart = abs($oneM - $otherM);
        $weaker = min($oneM, $otherM) / max($oneM, $otherM);
        $speed = self::speed($celsius);

        return [
            'notches' => $apart < 1e-9
                ? []
                : array_map(static fn (int $k): float => (2 * $k + 1) * $speed / (2 * $apart), range(0, $count - 1)),
            'peaks' => $apart < 1e-9 ? [] : array_map(static fn (int $k): float => $k * $speed / $apart, range(1, $count)),
            'dipDb' => $weaker > 1 - 1e-9 ? null : 20 * log10(1 - $weaker),
            'gainDb' => 20 * log10(1 + $weaker),
        ];
    }
}
