<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Geometry\Vec2;

/**
 * Points from distances and angles by weighted least squares (Gauss–Newton, damped when a step makes things worse).
 * The first point is held at the origin and the second on the +x axis, which leaves 2n − 3 unknowns.
 */
final class Adjustment
{
    private const ROUNDS = 60;

    /** Weight, per square metre, that keeps in place what no reading holds: a standard uncertainty of one metre. */
    private const HOLD = 1.0;

    /**
     * @param  list<Vec2>  $sketch  rough points, the room's corners first, counter-clockwise
     * @param  list<Reading>  $readings
     *
     * @throws UnsolvedSurvey if there are fewer than three points or nothing fits
     */
    public static function solve(array $sketch, array $readings): SurveyFit
    {
        if (count($sketch) < 3) {
            throw UnsolvedSurvey::tooFew();
        }
        $points = self::pinned($sketch);
        [$normal, $right, $sum] = self::equations($points, $readings);
        $base = Matrix::factored($normal)->left > 0 ? self::HOLD : 0.0;
        $damping = 0.0;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $step = Matrix::factored($normal, $base + $damping)->solve($right);
            $moved = self::moved($points, $step);
            $next = self::equations($moved, $readings);
            $size = max(0.0, ...array_map(abs(...), $step));
            if ($next[2] > $sum * (1 + 1e-12) + 1e-15 && $size > 1e-10) {
                $damping = max(10.0, $damping * 10);

                continue;
            }
            [$points, [$normal, $right, $sum], $damping] = [$moved, $next, $damping < 1.0 ? 0.0 : $damping / 10];
            if ($size < 1e-10) {
                break;
            }
        }
        if (! is_finite($sum)) {
            throw UnsolvedSurvey::diverged();
        }
        $left = Matrix::factored($normal)->left;

        return new SurveyFit($points, $readings, Matrix::factored($normal, $left > 0 ? self::HOLD : 0.0)->inverse(), $left);
    }

    /** The unknown's column for a point's x (0) or y (1); null when it is held. */
    public static function column(int $point, int $axis): ?int
    {
        return match (true) {
            $point === 0, $point === 1 && $axis === 1 => null,
            $point === 1 => 0,
            default => 2 * $point - 3 + $axis,
        };
    }

    /**
     * The derivatives of a reading by column.
     *
     * @param  list<array{int, float, float}>  $parts
     * @return array<int, float>
     */
    public static function row(array $parts): array
    {
        $row = [];
        foreach ($parts as [$point, $x, $y]) {
            foreach ([$x, $y] as $axis => $part) {
                $column = self::column($point, $axis);
                if ($column !== null) {
                    $row[$column] = ($row[$column] ?? 0.0) + $part;
                }
            }
        }

        return $row;
    }

    /**
     * @param  non-empty-list<Vec2>  $sketch
     * @return non-empty-list<Vec2>
     */
    private static function pinned(array $sketch): array
    {
        $turn = $sketch[1]->minus($sketch[0])->bearing() - M_PI / 2;

        return array_map(static fn (Vec2 $c): Vec2 => $c->minus($sketch[0])->turnedClockwise(-$turn), $sketch);
    }

    /**
     * @param  non-empty-list<Vec2>  $points
     * @param  list<Reading>  $readings
     * @return array{array<int, array<int, float>>, list<float>, float} the normal matrix, its right side, and the weighted sum of squares
     */
    private static function equations(array $points, array $readings): array
    {
        $n = max(1, 2 * count($points) - 3);
        $right = array_fill(0, $n, 0.0);
        $normal = array_fill(0, $n, $right);
        $sum = 0.0;
        foreach ($readings as $reading) {
            [$residual, $parts] = $reading->linear($points);
            $weight = 1 / $reading->sigma ** 2;
            $sum += $weight * $residual ** 2;
            $row = self::row($parts);
            foreach ($row as $i => $one) {
                $right[$i] -= $weight * $one * $residual;
                foreach ($row as $j => $other) {
                    $normal[$i][$j] += $weight * $one * $other;
                }
            }
        }

        return [$normal, array_values($right), $sum];
    }

    /**
     * @param  non-empty-list<Vec2>  $points
     * @param  list<float>  $step
     * @return non-empty-list<Vec2>
     */
    private static function moved(array $points, array $step): array
    {
        $moved = [];
        foreach ($points as $i => $point) {
            [$x, $y] = [self::column($i, 0), self::column($i, 1)];
            $moved[] = $point->plus(new Vec2($x === null ? 0.0 : $step[$x], $y === null ? 0.0 : $step[$y]));
        }

        return $moved;
    }
}
