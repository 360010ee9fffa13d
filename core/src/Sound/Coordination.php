<?php

declare(strict_types=1);

namespace FineFrame\Sound;

/**
 * Finds carriers on a grid that leave each other alone. Each carrier that is taken forbids places: those too near, those that
 * products with it fall on, and those from which a product would fall on one that is taken; so what is still free is always
 * known. Small grids are searched through; large ones by many quick tries, each taking one of the first free places.
 */
final class Coordination
{
    /** Up to so many places the whole grid is searched, and the most is proved. */
    private const SMALL = 48;

    private const AMONG = 7;

    /** @var list<int> kHz */
    private array $places = [];

    /** @var array<int, int> place by kHz */
    private array $at = [];

    /** @var array<int, int> how many things forbid each place */
    private array $forbidden = [];

    /** @var list<int> */
    private array $taken = [];

    /** @var list<int> */
    private array $best = [];

    /**
     * @param  list<array{int, int}>  $ranges  kHz, both ends included
     * @param  list<array{int, int}>  $occupied  what is heard there already
     */
    public function __construct(array $ranges, private readonly int $step, private readonly Guards $guards, array $occupied = [])
    {
        foreach ($ranges as [$from, $to]) {
            for ($f = $from; $f <= $to; $f += $step) {
                if (array_filter($occupied, static fn (array $o): bool => $f > $o[0] && $f < $o[1]) === [] && ! isset($this->at[$f])) {
                    $this->at[$f] = count($this->places);
                    $this->places[] = $f;
                    $this->forbidden[] = 0;
                }
            }
        }
    }

    /**
     * As many as can be found, or as many as are wanted.
     *
     * @param  list<int>  $locked  carriers that stay
     * @return array{carriers: list<int>, isProved: bool} proved: no larger set is there
     */
    public function solve(int $wanted = PHP_INT_MAX, array $locked = [], float $seconds = 2.0, int $seed = 1): array
    {
        $this->best = $locked;
        foreach ($locked as $f) {
            $this->take($f, 1);
        }
        if (count($this->places) <= self::SMALL) {
            $this->search(0, $wanted);
            $this->letGo(0);

            return ['carriers' => $this->sorted(), 'isProved' => true];
        }
        mt_srand($seed);
        $until = microtime(true) + $seconds;
        do {
            $this->attempt($wanted);
            $this->letGo(count($locked));
        } while (count($this->best) < $wanted && microtime(true) < $until);
        $this->letGo(0);

        return ['carriers' => $this->sorted(), 'isProved' => false];
    }

    /**
     * For each in turn, the free place that is nearest to where it was, beside those that stay and those set before it.
     *
     * @param  list<int>  $was  kHz
     * @param  list<int>  $stay  kHz, which leave each other alone
     * @return list<int>|null null where one finds no room
     */
    public function nearest(array $was, array $stay): ?array
    {
        foreach ($stay as $f) {
            $this->take($f, 1);
        }
        $found = [];
        foreach ($was as $one) {
            $best = null;
            foreach ($this->places as $i => $f) {
                if ($this->forbidden[$i] === 0 && $f !== $one && ($best === null || abs($f - $one) < abs($best - $one))) {
                    $best = $f;
                }
            }
            if ($best === null) {
                break;
            }
            $this->take($best, 1);
            $found[] = $best;
        }
        $this->letGo(0);

        return count($found) === count($was) ? $found : null;
    }

    private function search(int $from, int $wanted): void
    {
        if (count($this->taken) > count($this->best)) {
            $this->best = $this->taken;
        }
        $count = count($this->places);
        $free = 0;
        for ($i = $from; $i < $count; $i++) {
            $free += $this->forbidden[$i] === 0 ? 1 : 0;
        }
        for ($i = $from; $i < $count; $i++) {
            if ($this->forbidden[$i] !== 0) {
                continue;
            }
            if (count($this->taken) + $free <= count($this->best) || count($this->best) >= $wanted) {
                return;
            }
            $this->take($this->places[$i], 1);
            $this->search($i + 1, $wanted);
            $this->giveBack();
            $free--;
        }
    }

    private function attempt(int $wanted): void
    {
        $among = mt_rand(1, self::AMONG);
        $i = mt_rand(0, 12);
        $count = count($this->places);
        while (count($this->taken) < $wanted) {
            $free = [];
            for (; $i < $count && count($free) < $among; $i++) {
                if ($this->forbidden[$i] === 0) {
                    $free[] = $i;
                }
            }
            if ($free === []) {
                break;
            }
            $i = $free[mt_rand(0, count($free) - 1)];
            $this->take($this->places[$i], 1);
            $i++;
        }
        if (count($this->taken) > count($this->best)) {
            $this->best = $this->taken;
        }
    }

    private function letGo(int $keep): void
    {
        while (count($this->taken) > $keep) {
            $this->giveBack();
        }
    }

    private function giveBack(): void
    {
        $last = array_pop($this->taken);
        if ($last !== null) {
            $this->mark($last, -1);
        }
    }

    private function take(int $f, int $by): void
    {
        $this->mark($f, $by);
        $this->taken[] = $f;
    }

    /** Forbids, or frees again, all that a carrier rules out together with those taken before it. */
    private function mark(int $x, int $by): void
    {
        $g = $this->guards;
        $this->span($x, max(1, $g->spacing), $by);
        foreach ($this->taken as $i => $a) {
            if ($g->twoThird > 0) {
                $this->span(2 * $x - $a, $g->twoThird, $by);
                $this->span(2 * $a - $x, $g->twoThird, $by);
                $this->span(($x + $a) / 2, $g->twoThird / 2, $by);
            }
            if ($g->twoFifth > 0) {
                $this->span(3 * $x - 2 * $a, $g->twoFifth, $by);
                $this->span(3 * $a - 2 * $x, $g->twoFifth, $by);
                $this->span(($x + 2 * $a) / 3, $g->twoFifth / 3, $by);
                $this->span(($a + 2 * $x) / 3, $g->twoFifth / 3, $by);
                $this->span((3 * $x - $a) / 2, $g->twoFifth / 2, $by);
                $this->span((3 * $a - $x) / 2, $g->twoFifth / 2, $by);
            }
            for ($j = 0; $g->threeThird > 0 && $j < $i; $j++) {
                $b = $this->taken[$j];
                $this->span($x + $a - $b, $g->threeThird, $by);
                $this->span($x + $b - $a, $g->threeThird, $by);
                $this->span($a + $b - $x, $g->threeThird, $by);
            }
        }
    }

    /** Nearer than the guard to a frequency. */
    private function span(float $middle, float $guard, int $by): void
    {
        $first = $this->places[0] ?? 0;
        $low = (int) ceil(($middle - $guard - $first) / $this->step + 1e-9);
        $high = (int) floor(($middle + $guard - $first) / $this->step - 1e-9);
        for ($k = $low; $k <= $high; $k++) {
            $place = $this->at[$first + $k * $this->step] ?? null;
            if ($place !== null && abs($this->places[$place] - $middle) < $guard) {
                $this->forbidden[$place] += $by;
            }
        }
    }

    /** @return list<int> */
    private function sorted(): array
    {
        $best = $this->best;
        sort($best);

        return $best;
    }
}
