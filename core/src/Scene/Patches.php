<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Convex;

/** A flat face of the room cut into rectangles: as many along each side as fit, all alike, so that a room and its mirror image are cut alike. */
final class Patches
{
    private const LEAST_M2 = 1e-4;

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
        $count = static fn (float $length): int => max(1, (int) round($length / $sizeM));
        [$across, $up] = [$count($high[0] - $low[0]), $count($high[1] - $low[1])];
        [$width, $height] = [($high[0] - $low[0]) / $across, ($high[1] - $low[1]) / $up];
        $patches = [];
        for ($i = 0; $i < $across; $i++) {
            for ($j = 0; $j < $up; $j++) {
                $part = $face->within($low[0] + $i * $width, $low[1] + $j * $height, $width, $height);
                if (count($part) > 2 && Convex::area($part) >= self::LEAST_M2) {
                    $patches[] = $part;
                }
            }
        }

        return $patches;
    }
}
