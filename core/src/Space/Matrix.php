<?php

declare(strict_types=1);

namespace FineFrame\Space;

/**
 * Small dense symmetric systems, positive semi-definite: L·D·Lᵀ with the unsupported unknowns left out.
 *
 * @internal
 */
final readonly class Matrix
{
    /** A pivot below this share of its own diagonal is rounding: nothing supports that unknown. */
    private const NOTHING = 1e-9;

    /**
     * @param  list<list<float>>  $lower
     * @param  list<float>  $pivots  zero where left out
     */
    private function __construct(private array $lower, private array $pivots, public int $left)
    {
    }

    /** @param  array<int, array<int, float>>  $matrix */
    public static function factored(array $matrix, float $addedToDiagonal = 0.0): self
    {
        /** @var list<list<float>> $lower */
        $lower = [];
        /** @var list<float> $pivots */
        $pivots = [];
        $left = 0;
        foreach ($matrix as $j => $row) {
            $line = [];
            for ($k = 0; $k < $j; $k++) {
                $sum = $row[$k];
                $other = $lower[$k];
                for ($m = 0; $m < $k; $m++) {
                    $sum -= $line[$m] * $pivots[$m] * $other[$m];
                }
                $line[] = $pivots[$k] === 0.0 ? 0.0 : $sum / $pivots[$k];
            }
            $pivot = $row[$j] + $addedToDiagonal;
            foreach ($line as $k => $share) {
                $pivot -= $share ** 2 * $pivots[$k];
            }
            $held = $pivot > self::NOTHING * ($row[$j] + $addedToDiagonal) && $pivot > 0.0;
            $left += $held ? 0 : 1;
            $pivots[] = $held ? $pivot : 0.0;
            $lower[] = $line;
        }

        return new self($lower, $pivots, $left);
    }

    /**
     * @param  list<float>  $right
     * @return list<float> zero for unknowns that are left out
     */
    public function solve(array $right): array
    {
        $n = count($this->pivots);
        foreach ($this->lower as $i => $line) {
            foreach ($line as $k => $share) {
                $right[$i] -= $share * $right[$k];
            }
        }
        for ($i = $n - 1; $i >= 0; $i--) {
            $x = $this->pivots[$i] === 0.0 ? 0.0 : $right[$i] / $this->pivots[$i];
            for ($k = $i + 1; $k < $n; $k++) {
                $x -= $this->lower[$k][$i] * $right[$k];
            }
            $right[$i] = $this->pivots[$i] === 0.0 ? 0.0 : $x;
        }

        return array_values($right);
    }

    /** @return list<list<float>> */
    public function inverse(): array
    {
        $n = count($this->pivots);
        $zero = array_fill(0, max(0, $n), 0.0);

        return array_map(fn (int $i): array => $this->solve(array_values(array_replace($zero, [$i => 1.0]))), array_keys($this->pivots));
    }
}
