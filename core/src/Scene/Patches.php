<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Convex;

/**
 * A flat face of the room cut into rectangles: as many along each side as fit, all alike, so that a room and its mirror image are cut
 * alike.
 */
final class Patches
{
    private const LEAST_M2 = 1e-4;

    /** Cuts nearer to each other than this are one. */
    private const CLOSE_M = 0.02;

    /** @return list<list<array{float, float}>> the outline of each in the face's own axes; at a slope, what is left of it */
    public static function of(FlatFace $face, float $sizeM): array
    {
        return self::within($face, ...$face->box(), sizeM: $sizeM);
    }

    /**
     * One of them cut again.
     *
     * @param  list<array{float, float}>  $outline
     * @return list<list<array{float, float}>>
     */
    public static function again(FlatFace $face, array $outline, float $sizeM): array
    {
        [$xs, $ys] = [array_column($outline, 0), array_column($outline, 1)];

        return self::within($face, [min([INF, ...$xs]), min([INF, ...$ys])], [max([-INF, ...$xs]), max([-INF, ...$ys])], $sizeM);
    }

    /**
     * @param  array{float, float}  $low
     * @param  array{float, float}  $high
     * @return list<list<array{float, float}>>
     */
    private static function within(FlatFace $face, array $low, array $high, float $sizeM): array
    {
        [$xs, $ys] = [self::cuts($face->breaks(0), $low[0], $high[0], $sizeM), self::cuts($face->breaks(1), $low[1], $high[1], $sizeM)];
        $patches = [];
        for ($i = 1; $i < count($xs); $i++) {
            for ($j = 1; $j < count($ys); $j++) {
                $part = $face->within($xs[$i - 1], $ys[$j - 1], $xs[$i] - $xs[$i - 1], $ys[$j] - $ys[$j - 1]);
                if (count($part) > 2 && Convex::area($part) >= self::LEAST_M2) {
                    $patches[] = $part;
                }
            }
        }

        return $patches;
    }

    /**
     * @param  list<float>  $breaks  where it has to be cut
     * @return list<float>
     */
    private static function cuts(array $breaks, float $low, float $high, float $sizeM): array
    {
        $ends = [
            $low,
            ...array_filter($breaks, static fn (float $b): bool => $b > $low + self::CLOSE_M && $b < $high - self::CLOSE_M),
            $high,
        ];
        sort($ends);
        $cuts = [$low];
        for ($i = 1; $i < count($ends); $i++) {
            [$from, $to] = [$ends[$i - 1], $ends[$i]];
            if ($to - $from < self::CLOSE_M) {
                continue;
            }
            for ($k = 1, $n = max(1, (int) round(($to - $from) / $sizeM)); $k <= $n; $k++) {
                $cuts[] = $from + ($to - $from) * $k / $n;
            }
        }

        return $cuts;
    }
}
