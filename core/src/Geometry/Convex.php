<?php

declare(strict_types=1);

namespace FineFrame\Geometry;

/**
 * Kernels on convex point lists in a frame; points are [x, y] pairs, since thousands are handled at every drag.
 *
 * @phpstan-type Point array{float, float}
 */
final class Convex
{
    /**
     * Counter-clockwise hull by Andrew's monotone chain.
     *
     * @param  list<Point>  $points
     * @return list<Point>
     */
    public static function hull(array $points): array
    {
        if (count($points) < 3) {
            return $points;
        }
        sort($points);
        $lower = self::chain($points);
        $upper = self::chain(array_reverse($points));

        return [...$lower, ...$upper];
    }

    /**
     * The part of a polygon inside a rectangle about the origin (Sutherland–Hodgman).
     *
     * @param  list<Point>  $points
     * @return list<Point>
     */
    public static function clip(array $points, float $halfWidth, float $halfHeight): array
    {
        foreach ([
            [1.0, 0.0, $halfWidth],
            [-1.0, 0.0, $halfWidth],
            [0.0, 1.0, $halfHeight],
            [0.0, -1.0, $halfHeight],
        ] as [$nx, $ny, $limit]) {
            $points = self::below($points, $nx, $ny, $limit);
        }

        return $points;
    }

    /**
     * The part of a polygon where nx·x + ny·y is at most the limit.
     *
     * @param  list<Point>  $points
     * @return list<Point>
     */
    public static function below(array $points, float $nx, float $ny, float $limit): array
    {
        $kept = [];
        $last = end($points);
        if ($last === false) {
            return [];
        }
        $lastOver = $nx * $last[0] + $ny * $last[1] - $limit;
        foreach ($points as $point) {
            $over = $nx * $point[0] + $ny * $point[1] - $limit;
            if (($over <= 0) !== ($lastOver <= 0)) {
                $t = $lastOver / ($lastOver - $over);
                $kept[] = [$last[0] + $t * ($point[0] - $last[0]), $last[1] + $t * ($point[1] - $last[1])];
            }
            if ($over <= 0) {
                $kept[] = $point;
            }
            [$last, $lastOver] = [$point, $over];
        }

        return $kept;
    }

    /**
     * The part of a polygon inside a convex one.
     *
     * @param  list<Point>  $points
     * @param  list<Point>  $convex  counter-clockwise
     * @return list<Point>
     */
    public static function within(array $points, array $convex): array
    {
        $from = end($convex);
        if ($from === false) {
            return [];
        }
        foreach ($convex as $to) {
            // To the left of each side: its outward normal is (dy, −dx).
            [$nx, $ny] = [$to[1] - $from[1], $from[0] - $to[0]];
            $points = self::below($points, $nx, $ny, $nx * $from[0] + $ny * $from[1]);
            $from = $to;
        }

        return $points;
    }

    /**
     * What is left of convex pieces outside a convex polygon, as convex pieces: what it does not meet stays whole.
     *
     * @param  list<list<Point>>  $pieces  counter-clockwise
     * @param  list<Point>  $taken  convex, counter-clockwise
     * @param  float  $least  pieces of no more area than this are dropped
     * @return list<list<Point>>
     */
    public static function less(array $pieces, array $taken, float $least): array
    {
        $left = [];
        foreach ($pieces as $piece) {
            if (self::isApart($piece, $taken)) {
                $left[] = $piece;

                continue;
            }
            foreach (self::outside($piece, $taken) as $part) {
                if (self::area($part) > $least) {
                    $left[] = $part;
                }
            }
        }

        return $left;
    }

    /**
     * Whether a side of the second has all of the first beyond it: polygons that do not meet, but for some that pass by corners.
     *
     * @param  list<Point>  $points
     * @param  list<Point>  $convex  counter-clockwise
     */
    private static function isApart(array $points, array $convex): bool
    {
        $from = end($convex);
        if ($from === false || count($convex) < 3) {
            return true;
        }
        foreach ($convex as $to) {
            [$nx, $ny] = [$to[1] - $from[1], $from[0] - $to[0]];
            $limit = $nx * $from[0] + $ny * $from[1];
            foreach ($points as $point) {
                if ($nx * $point[0] + $ny * $point[1] < $limit) {
                    $from = $to;

                    continue 2;
                }
            }

            return true;
        }

        return false;
    }

    /**
     * @param  list<Point>  $points  counter-clockwise
     * @param  list<Point>  $taken  convex, counter-clockwise
     * @return list<list<Point>>
     */
    private static function outside(array $points, array $taken): array
    {
        $whole = $points;
        $from = end($taken) ?: [0.0, 0.0];
        $pieces = [];
        foreach ($taken as $to) {
            [$nx, $ny] = [$to[1] - $from[1], $from[0] - $to[0]];
            $limit = $nx * $from[0] + $ny * $from[1];
            $outside = self::below($points, -$nx, -$ny, -$limit);
            if (count($outside) > 2) {
                $pieces[] = $outside;
                $points = self::below($points, $nx, $ny, $limit);
            }
            if (count($points) < 3) {
                // Nothing of it lies within: cut for nothing.
                return [$whole];
            }
            $from = $to;
        }

        return $pieces;
    }

    /**
     * A disc as a polygon of its area, counter-clockwise.
     *
     * @param  Point  $middle
     * @return list<Point>
     */
    public static function disc(array $middle, float $radius, int $sides): array
    {
        $turn = 2 * M_PI / $sides;
        $grown = $radius * sqrt($turn / sin($turn));

        [$x, $y] = $middle;
        [$cos, $sin] = [cos($turn), sin($turn)];
        [$across, $up] = [$grown, 0.0];
        $points = [];
        for ($i = 0; $i < $sides; $i++) {
            $points[] = [$x + $across, $y + $up];
            [$across, $up] = [$across * $cos - $up * $sin, $across * $sin + $up * $cos];
        }

        return $points;
    }

    /**
     * The middle of a polygon's area.
     *
     * @param  list<Point>  $points
     * @return Point
     */
    public static function centroid(array $points): array
    {
        [$x, $y, $sum] = [0.0, 0.0, 0.0];
        foreach ($points as $i => $point) {
            $last = $points[$i - 1] ?? $points[count($points) - 1];
            $cross = $last[0] * $point[1] - $point[0] * $last[1];
            [$x, $y, $sum] = [$x + ($last[0] + $point[0]) * $cross, $y + ($last[1] + $point[1]) * $cross, $sum + $cross];
        }

        return abs($sum) > 1e-12 ? [$x / (3 * $sum), $y / (3 * $sum)] : ($points[0] ?? [0.0, 0.0]);
    }

    /** @param  list<Point>  $points */
    public static function area(array $points): float
    {
        $sum = 0.0;
        $last = end($points);
        foreach ($points as $point) {
            $sum += $last === false ? 0.0 : $last[0] * $point[1] - $point[0] * $last[1];
            $last = $point;
        }

        return abs($sum) / 2;
    }

    /**
     * Points spread over a convex polygon, each standing for an equal part of its triangle in the fan.
     *
     * @param  list<Point>  $points
     * @param  float  $finest  no point stands for much more area than this
     * @return list<array{Point, float}> points with the area each stands for
     */
    public static function samples(array $points, float $finest): array
    {
        $samples = [];
        for ($i = 1; $i < count($points) - 1; $i++) {
            array_push($samples, ...self::spread($points[0], $points[$i], $points[$i + 1], $finest));
        }

        return $samples;
    }

    /**
     * A triangle cut into n² alike, each by its middle.
     *
     * @param  Point  $a
     * @param  Point  $b
     * @param  Point  $c
     * @return list<array{Point, float}>
     */
    private static function spread(array $a, array $b, array $c, float $finest): array
    {
        $area = self::area([$a, $b, $c]);
        // A sliver stands for itself; what can be told apart is looked at in four places at least.
        $n = $area < $finest / 8 ? 1 : max(2, min(12, (int) ceil(sqrt($area / $finest))));
        $spread = [];
        for ($i = 0; $i < $n; $i++) {
            for ($j = 0; $j < 2 * ($n - $i) - 1; $j++) {
                [$u, $v] = $j % 2 === 0 ? [$i + 1 / 3, intdiv($j, 2) + 1 / 3] : [$i + 2 / 3, intdiv($j, 2) + 2 / 3];
                [$u, $v] = [$u / $n, $v / $n];
                $spread[] = [
                    [$a[0] + $u * ($b[0] - $a[0]) + $v * ($c[0] - $a[0]), $a[1] + $u * ($b[1] - $a[1]) + $v * ($c[1] - $a[1])],
                    $area / $n ** 2,
                ];
            }
        }

        return $spread;
    }

    /**
     * @param  list<Point>  $sorted
     * @return list<Point>
     */
    private static function chain(array $sorted): array
    {
        $chain = [];
        foreach ($sorted as $point) {
            while (($n = count($chain)) >= 2) {
                [$a, $b] = [$chain[$n - 2], $chain[$n - 1]];
                if (($b[0] - $a[0]) * ($point[1] - $a[1]) - ($b[1] - $a[1]) * ($point[0] - $a[0]) > 0) {
                    break;
                }
                array_pop($chain);
            }
            $chain[] = $point;
        }
        array_pop($chain);

        return $chain;
    }
}
