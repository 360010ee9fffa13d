<?php

declare(strict_types=1);

namespace FineFrame\Space;

/**
 * Small dense symmetric systems.
 *
 * @internal
 */
final class Matrix
{
    /**
     * Inverts a symmetric positive definite matrix by Gauss–Jordan elimination with pivoting.
     *
     * @param  non-empty-array<int, non-empty-array<int, float>>  $matrix
     * @return non-empty-array<int, non-empty-array<int, float>>|null null if it is singular
     */
    public static function inverse(array $matrix): ?array
    {
        $n = count($matrix);
        $scale = max(1e-300, ...array_map(static fn (array $row): float => max(array_map(abs(...), $row)), $matrix));
        $inverse = array_map(static fn (int $i): array => array_map(static fn (int $j): float => $i === $j ? 1.0 : 0.0, range(0, $n - 1)), range(0, $n - 1));
        for ($k = 0; $k < $n; $k++) {
            $pivot = $k;
            for ($i = $k + 1; $i < $n; $i++) {
                $pivot = abs($matrix[$i][$k]) > abs($matrix[$pivot][$k]) ? $i : $pivot;
            }
            if (abs($matrix[$pivot][$k]) < 1e-10 * $scale) {
                return null;
            }
            [$matrix[$k], $matrix[$pivot]] = [$matrix[$pivot], $matrix[$k]];
            [$inverse[$k], $inverse[$pivot]] = [$inverse[$pivot], $inverse[$k]];
            $by = 1 / $matrix[$k][$k];
            for ($j = 0; $j < $n; $j++) {
                $matrix[$k][$j] *= $by;
                $inverse[$k][$j] *= $by;
            }
            for ($i = 0; $i < $n; $i++) {
                $factor = $i === $k ? 0.0 : $matrix[$i][$k];
                for ($j = 0; $factor !== 0.0 && $j < $n; $j++) {
                    $matrix[$i][$j] -= $factor * $matrix[$k][$j];
                    $inverse[$i][$j] -= $factor * $inverse[$k][$j];
                }
            }
        }

        return $inverse;
    }
}
