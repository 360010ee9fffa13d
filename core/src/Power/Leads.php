<?php

declare(strict_types=1);

namespace FineFrame\Power;

/** Cables carried, joined end to end to make runs: least waste, then fewest pieces. Each joint takes a little of the length. */
final class Leads
{
    private const EVEN = 1e-9;

    /** @var list<float> lengths, the longest first */
    private array $lengths;

    /** @var list<int> */
    private array $counts;

    /** @var array{float, int, list<list<float>>}|null waste, pieces, and the lengths of each run */
    private ?array $best = null;

    /**
     * @param  array<int, array{float, int}>  $stock  lengths in metres, and how many of each
     * @param  int|null  $mostJoints  null for any
     *
     * @throws ImpossiblePower
     */
    public function __construct(array $stock, private readonly float $jointLossM = 0.0, private readonly ?int $mostJoints = null)
    {
        if ($stock === []) {
            throw ImpossiblePower::none('The cables carried');
        }
        if ($jointLossM < 0.0 || min(array_column($stock, 0)) < 0.0 || min(array_column($stock, 1)) < 0) {
            throw ImpossiblePower::negative('Lengths, counts and what a joint takes');
        }
        usort($stock, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
        [$this->lengths, $this->counts] = [array_column($stock, 0), array_column($stock, 1)];
    }

    /**
     * @param  list<float>  $ways  metres of each run
     * @param  float  $slackPercent  on top
     * @return array{wasteM: float, pieces: int, runs: list<list<float>>}|null the lengths of each run, long to short; null where it does
     *     not do
     *
     * @throws ImpossiblePower
     */
    public function join(array $ways, float $slackPercent = 0.0): ?array
    {
        if (min([0.0, $slackPercent, ...$ways]) < 0.0) {
            throw ImpossiblePower::negative('A way and its slack');
        }
        $this->best = null;
        $needed = array_map(static fn (float $way): float => $way * (1 + $slackPercent / 100), $ways);
        $this->run($needed, 0, $this->counts, 0.0, 0, []);

        return $this->best === null ? null : ['wasteM' => $this->best[0], 'pieces' => $this->best[1], 'runs' => $this->best[2]];
    }

    /**
     * @param  list<float>  $needed
     * @param  list<int>  $left
     * @param  list<list<float>>  $runs
     */
    private function run(array $needed, int $at, array $left, float $waste, int $pieces, array $runs): void
    {
        if (! isset($needed[$at])) {
            if ($this->isBetter($waste, $pieces)) {
                $this->best = [$waste, $pieces, $runs];
            }

            return;
        }
        $this->piece($needed, $at, 0, $left, $waste, $pieces, $runs, []);
    }

    /**
     * Another piece for a run, none longer than the last.
     *
     * @param  list<float>  $needed
     * @param  list<int>  $left
     * @param  list<list<float>>  $runs
     * @param  list<float>  $taken
     */
    private function piece(array $needed, int $at, int $from, array $left, float $waste, int $pieces, array $runs, array $taken): void
    {
        $has = array_sum($taken) - max(0, count($taken) - 1) * $this->jointLossM;
        if ($taken !== [] && $has >= $needed[$at] - self::EVEN) {
            $over = $waste + max(0.0, $has - $needed[$at]);
            if ($this->isBetter($over, $pieces)) {
                $this->run($needed, $at + 1, $left, $over, $pieces, [...$runs, $taken]);
            }

            return;
        }
        if ($this->mostJoints !== null && count($taken) > $this->mostJoints) {
            return;
        }
        for ($i = $from; $i < count($this->lengths); $i++) {
            if ($left[$i] > 0) {
                $fewer = $left;
                $fewer[$i]--;
                $this->piece($needed, $at, $i, array_values($fewer), $waste, $pieces + 1, $runs, [...$taken, $this->lengths[$i]]);
            }
        }
    }

    private function isBetter(float $waste, int $pieces): bool
    {
        return $this->best === null
            || $waste < $this->best[0] - self::EVEN
            || ($waste < $this->best[0] + self::EVEN && $pieces < $this->best[1]);
    }
}
