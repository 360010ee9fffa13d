<?php

declare(strict_types=1);

namespace FineFrame\Photo;

/** Own values and directions of a symmetric matrix, by turning in one plane after the other (Jacobi 1846). */
final class Eigen
{
    private const SWEEPS = 60;

    /**
     * @param  array<int, array<int, float>>  $matrix
     * @return array{list<float>, list<list<float>>} values, and the direction of each
     */
    public static function of(array $matrix): array
    {
        $count = count($matrix);
        $turn = [];
        for ($i = 0; $i < $count; $i++) {
            for ($j = 0; $j < $count; $j++) {
                $turn[$i][$j] = $i === $j ? 1.0 : 0.0;
            }
        }
        for ($sweep = 0; $sweep < self::SWEEPS; $sweep++) {
            $off = 0.0;
            for ($p = 0; $p < $count; $p++) {
                for ($q = $p + 1; $q < $count; $q++) {
                    $off += abs($matrix[$p][$q]);
                    if (abs($matrix[$p][$q]) < 1e-300) {
                        continue;
                    }
                    $theta = ($matrix[$q][$q] - $matrix[$p][$p]) / (2 * $matrix[$p][$q]);
                    $t = ($theta < 0.0 ? -1 : 1) / (abs($theta) + sqrt($theta * $theta + 1));
                    $c = 1 / sqrt($t * $t + 1);
                    $s = $t * $c;
                    for ($k = 0; $k < $count; $k++) {
                        [$a, $b] = [$matrix[$k][$p], $matrix[$k][$q]];
                        [$matrix[$k][$p], $matrix[$k][$q]] = [$c * $a - $s * $b, $s * $a + $c * $b];
                    }
                    for ($k = 0; $k < $count; $k++) {
                        [$a, $b] = [$matrix[$p][$k], $matrix[$q][$k]];
                        [$matrix[$p][$k], $matrix[$q][$k]] = [$c * $a - $s * $b, $s * $a + $c * $b];
                        [$a, $b] = [$turn[$k][$p], $turn[$k][$q]];
                        [$turn[$k][$p], $turn[$k][$q]] = [$c * $a - $s * $b, $s * $a + $c * $b];
                    }
                }
            }
            if ($off < 1e-22) {
                break;
            }
        }
        $values = $directions = [];
        for ($i = 0; $i < $count; $i++) {
            $values[] = $matrix[$i][$i];
            $directions[] = array_values(array_map(static fn (array $row): float => $row[$i], $turn));
        }

        return [$values, $directions];
    }

    /**
     * @param  array<int, array<int, float>>  $matrix
     * @return list<float> the direction of the smallest value
     */
    public static function smallest(array $matrix): array
    {
        [$values, $directions] = self::of($matrix);
        asort($values);

        return $directions[array_key_first($values) ?? 0];
    }
}
