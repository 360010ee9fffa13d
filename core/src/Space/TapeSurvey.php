<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Geometry\Vec2;

/**
 * Corners from taped distances by least squares (Gauss–Newton, equal weights). The first corner is held at the origin
 * and the second on the +x axis, which leaves 2n − 3 unknowns.
 */
final class TapeSurvey
{
    /** Largest standardised residual that is still chance: two-sided 0.1 % (Baarda 1968). */
    public const LIMIT = 3.29;

    private const ROUNDS = 60;

    /**
     * @param  list<Vec2>  $sketch  rough corners, counter-clockwise
     * @param  list<array{int, int, float}>  $distances  from corner, to corner, metres
     * @param  float  $sigmaM  standard uncertainty of one reading
     *
     * @throws UnsolvedSurvey if a distance is not positive, the shape is not determined or nothing fits
     */
    public static function solve(array $sketch, array $distances, float $sigmaM = 0.003): SurveyFit
    {
        count($sketch) >= 3 ?: throw UnsolvedSurvey::tooFew();
        foreach ($distances as $i => [, , $metres]) {
            $metres > 0.0 && is_finite($metres) ?: throw UnsolvedSurvey::notALength('Reading '.($i + 1));
        }
        $corners = self::pinned($sketch);
        $damping = 0.0;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            [$normal, $right, $sum] = self::normalEquations($corners, $distances);
            if ($round === 0 && Matrix::inverse($normal) === null) {
                throw UnsolvedSurvey::undetermined(count($sketch), count($distances));
            }
            [$moved, $step] = self::moved($corners, $normal, $right, $damping);
            $better = self::normalEquations($moved, $distances)[2];
            if ($better > $sum + 1e-18 && $step > 1e-10) {
                $damping = max(1e-4, $damping * 10);

                continue;
            }
            [$corners, $damping] = [$moved, $damping / 10];
            if ($step < 1e-10) {
                break;
            }
        }
        $inverse = Matrix::inverse(self::normalEquations($corners, $distances)[0]) ?? throw UnsolvedSurvey::undetermined(count($sketch), count($distances));

        return self::fit($corners, $distances, $inverse, $sigmaM);
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

    /** The unknown's column for a corner's x (0) or y (1); null when it is held. */
    private static function column(int $corner, int $axis): ?int
    {
        return match (true) {
            $corner === 0, $corner === 1 && $axis === 1 => null,
            $corner === 1 => 0,
            default => 2 * $corner - 3 + $axis,
        };
    }

    /**
     * @param  non-empty-list<Vec2>  $corners
     * @param  array{int, int, float}  $distance
     * @return array{array<int, float>, float} the derivatives by column, and computed minus taped
     */
    private static function row(array $corners, array $distance): array
    {
        [$a, $b, $metres] = $distance;
        $gap = $corners[$b]->minus($corners[$a]);
        $length = max($gap->length(), 1e-9);
        $row = [];
        foreach ([[$b, 1.0], [$a, -1.0]] as [$corner, $sign]) {
            foreach ([$gap->x, $gap->y] as $axis => $part) {
                $column = self::column($corner, $axis);
                if ($column !== null) {
                    $row[$column] = $sign * $part / $length;
                }
            }
        }

        return [$row, $length - $metres];
    }

    /**
     * @param  non-empty-list<Vec2>  $corners
     * @param  list<array{int, int, float}>  $distances
     * @return array{non-empty-array<int, non-empty-array<int, float>>, non-empty-array<int, float>, float} the normal matrix, its right side, and the sum of squares
     */
    private static function normalEquations(array $corners, array $distances): array
    {
        $n = max(1, 2 * count($corners) - 3);
        $normal = array_fill(0, $n, array_fill(0, $n, 0.0));
        $right = array_fill(0, $n, 0.0);
        $sum = 0.0;
        foreach ($distances as $distance) {
            [$row, $residual] = self::row($corners, $distance);
            $sum += $residual ** 2;
            foreach ($row as $i => $one) {
                $right[$i] -= $one * $residual;
                foreach ($row as $j => $other) {
                    $normal[$i][$j] += $one * $other;
                }
            }
        }

        return [$normal, $right, $sum];
    }

    /**
     * @param  non-empty-list<Vec2>  $corners
     * @param  non-empty-array<int, non-empty-array<int, float>>  $normal
     * @param  non-empty-array<int, float>  $right
     * @return array{non-empty-list<Vec2>, float} the moved corners and the largest step
     */
    private static function moved(array $corners, array $normal, array $right, float $damping): array
    {
        foreach (array_keys($normal) as $i) {
            $normal[$i][$i] += $damping;
        }
        $inverse = Matrix::inverse($normal) ?? throw UnsolvedSurvey::diverged();
        $step = array_map(static fn (array $row): float => array_sum(array_map(static fn (float $a, float $b): float => $a * $b, $row, $right)), $inverse);
        $moved = [];
        foreach ($corners as $i => $corner) {
            [$x, $y] = [self::column($i, 0), self::column($i, 1)];
            $moved[] = $corner->plus(new Vec2($x === null ? 0.0 : $step[$x], $y === null ? 0.0 : $step[$y]));
        }

        return [$moved, max(array_map(abs(...), $step))];
    }

    /**
     * @param  non-empty-list<Vec2>  $corners
     * @param  list<array{int, int, float}>  $distances
     * @param  non-empty-array<int, non-empty-array<int, float>>  $inverse
     */
    private static function fit(array $corners, array $distances, array $inverse, float $sigmaM): SurveyFit
    {
        $residuals = $standardised = [];
        foreach ($distances as $distance) {
            [$row, $residual] = self::row($corners, $distance);
            $known = 0.0;
            foreach ($row as $i => $one) {
                foreach ($row as $j => $other) {
                    $known += $one * $inverse[$i][$j] * $other;
                }
            }
            $residuals[] = $residual;
            $standardised[] = 1 - $known > 1e-6 ? $residual / ($sigmaM * sqrt(1 - $known)) : 0.0;
        }

        return new SurveyFit($corners, $residuals, $standardised, count($distances) - (2 * count($corners) - 3), $sigmaM);
    }
}
