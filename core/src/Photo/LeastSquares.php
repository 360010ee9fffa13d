<?php

declare(strict_types=1);

namespace FineFrame\Photo;

/**
 * The least sum of squares of some residuals over some parameters, from a beginning near enough (Levenberg 1944, Marquardt 1963): with
 * derivatives by differences, in plain floats.
 */
final readonly class LeastSquares
{
    private const STEPS = 60;

    /** Parameters that the residuals tell apart less than this, by the normal matrix scaled to ones, are not told apart. */
    private const APART = 1e-9;

    /**
     * @param  list<float>  $at  parameters
     * @param  list<float>  $residuals  there
     * @param  float  $cost  sum of their squares
     * @param  list<list<float>>  $slopes  of each residual by each parameter
     */
    private function __construct(public array $at, public array $residuals, public float $cost, public array $slopes)
    {
    }

    /**
     * @param  \Closure(list<float>): list<float>  $residuals
     * @param  list<float>  $from
     * @param  list<float>  $steps  of each parameter, for its derivative
     */
    public static function from(\Closure $residuals, array $from, array $steps, int $most = self::STEPS): self
    {
        $at = $from;
        $now = $residuals($at);
        $cost = self::squared($now);
        $slopes = self::slopes($residuals, $at, $steps);
        $damping = 1e-3;
        for ($step = 0; $step < $most && $damping < 1e12; $step++) {
            [$normal, $right] = self::normal($slopes, $now);
            $scaled = $normal;
            foreach (array_keys($at) as $i) {
                $scaled[$i][$i] += $damping * max($normal[$i][$i], 1e-12);
            }
            $by = self::solved($scaled, $right);
            $next = $by === null ? $at : array_map(static fn (float $a, float $b): float => $a - $b, $at, $by);
            $then = $residuals($next);
            $less = self::squared($then);
            if ($by === null || ! ($less < $cost)) {
                $damping *= 10;

                continue;
            }
            $isDone = $cost - $less < 1e-14 * $cost + 1e-22;
            [$at, $now, $cost, $damping] = [$next, $then, $less, max(1e-12, $damping / 10)];
            $slopes = self::slopes($residuals, $at, $steps);
            if ($isDone) {
                break;
            }
        }

        return new self($at, $now, $cost, $slopes);
    }

    /**
     * Covariances of the parameters for residuals of unit variance.
     *
     * @return list<list<float>>|null null where some cannot be told apart
     */
    public function covariance(): ?array
    {
        [$normal] = self::normal($this->slopes, $this->residuals);
        $count = count($normal);
        $scale = array_map(static fn (int $i): float => sqrt(max($normal[$i][$i], 1e-300)), array_keys($normal));
        $unit = array_map(static fn (array $row, int $i): array => array_map(
            static fn (float $n, int $j): float => $n / ($scale[$i] * $scale[$j]), $row, array_keys($row),
        ), $normal, array_keys($normal));
        $inverse = self::inverse($unit);
        if ($inverse === null) {
            return null;
        }
        $rows = [];
        for ($i = 0; $i < $count; $i++) {
            $row = [];
            for ($j = 0; $j < $count; $j++) {
                $row[] = $inverse[$i][$j] / ($scale[$i] * $scale[$j]);
            }
            $rows[] = $row;
        }

        return $rows;
    }

    /**
     * @param  array<int, array<int, float>>  $matrix  symmetric, its diagonal ones
     * @return array<int, array<int, float>>|null null where a pivot is too small to be told from 0
     */
    private static function inverse(array $matrix): ?array
    {
        $count = count($matrix);
        $inverse = [];
        for ($i = 0; $i < $count; $i++) {
            for ($j = 0; $j < $count; $j++) {
                $inverse[$i][$j] = $i === $j ? 1.0 : 0.0;
            }
        }
        for ($k = 0; $k < $count; $k++) {
            $pivot = $matrix[$k][$k];
            if (! ($pivot > self::APART)) {
                return null;
            }
            for ($j = 0; $j < $count; $j++) {
                $matrix[$k][$j] /= $pivot;
                $inverse[$k][$j] /= $pivot;
            }
            for ($i = 0; $i < $count; $i++) {
                $factor = $matrix[$i][$k];
                for ($j = 0; $i !== $k && $j < $count; $j++) {
                    $matrix[$i][$j] -= $factor * $matrix[$k][$j];
                    $inverse[$i][$j] -= $factor * $inverse[$k][$j];
                }
            }
        }

        return $inverse;
    }

    /**
     * @param  array<int, array<int, float>>  $matrix
     * @param  list<float>  $right
     * @return list<float>|null
     */
    private static function solved(array $matrix, array $right): ?array
    {
        $count = count($right);
        for ($k = 0; $k < $count; $k++) {
            $pivot = $matrix[$k][$k];
            if (! (abs($pivot) > 1e-300)) {
                return null;
            }
            for ($i = $k + 1; $i < $count; $i++) {
                $factor = $matrix[$i][$k] / $pivot;
                for ($j = $k; $j < $count; $j++) {
                    $matrix[$i][$j] -= $factor * $matrix[$k][$j];
                }
                $right[$i] -= $factor * $right[$k];
            }
        }
        for ($i = $count - 1; $i >= 0; $i--) {
            for ($j = $i + 1; $j < $count; $j++) {
                $right[$i] -= $matrix[$i][$j] * $right[$j];
            }
            $right[$i] /= $matrix[$i][$i];
        }

        return array_values($right);
    }

    /**
     * @param  \Closure(list<float>): list<float>  $residuals
     * @param  list<float>  $at
     * @param  list<float>  $steps
     * @return list<list<float>> by residual, by parameter
     */
    private static function slopes(\Closure $residuals, array $at, array $steps): array
    {
        $columns = [];
        foreach ($steps as $i => $step) {
            $ahead = $behind = $at;
            $ahead[$i] += $step;
            $behind[$i] -= $step;
            [$then, $before] = [$residuals(array_values($ahead)), $residuals(array_values($behind))];
            $columns[] = array_map(static fn (float $a, float $b): float => ($a - $b) / (2 * $step), $then, $before);
        }
        $rows = [];
        foreach (array_keys($columns[0] ?? []) as $r) {
            $rows[] = array_map(static fn (array $c): float => $c[$r], $columns);
        }

        return $rows;
    }

    /**
     * @param  list<list<float>>  $slopes
     * @param  list<float>  $residuals
     * @return array{list<list<float>>, list<float>}
     */
    private static function normal(array $slopes, array $residuals): array
    {
        $count = count($slopes[0] ?? []);
        $normal = array_fill(0, $count, array_fill(0, $count, 0.0));
        $right = array_fill(0, $count, 0.0);
        foreach ($slopes as $r => $row) {
            for ($i = 0; $i < $count; $i++) {
                if ($row[$i] === 0.0) {
                    continue;
                }
                $right[$i] += $row[$i] * $residuals[$r];
                for ($j = $i; $j < $count; $j++) {
                    $normal[$i][$j] += $row[$i] * $row[$j];
                }
            }
        }
        for ($i = 0; $i < $count; $i++) {
            for ($j = 0; $j < $i; $j++) {
                $normal[$i][$j] = $normal[$j][$i];
            }
        }

        return [array_map(array_values(...), $normal), array_values($right)];
    }

    /** @param  list<float>  $values */
    public static function squared(array $values): float
    {
        $sum = 0.0;
        foreach ($values as $value) {
            $sum += $value * $value;
        }

        return $sum;
    }
}
