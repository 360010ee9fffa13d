<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Document\Parts;
use FineFrame\Plan\Edit;
use FineFrame\Plan\FreeId;
use FineFrame\Plan\ShootPlan;
use FineFrame\Rundown\Clock;

/** A change with which what is left of a day keeps its hours again, and until when it still does; the least that is given up first. */
final readonly class PlanB
{
    /** A recording is moved by no more than this, min; beyond, it is another day’s. */
    private const MOST_LATER = 180;

    private const STRIDE = 30;

    /** How far ahead it is asked until when a change suffices, min. */
    private const AHEAD = 180;

    private const MOST = 4;

    /**
     * @param  list<string>  $off  tasks left out
     * @param  array<string, int>  $minutes  tasks that take less
     * @param  array<string, int>  $later  recordings that begin so many minutes later
     * @param  int  $until  by the clock: from then on it does not suffice
     */
    public function __construct(
        public array $off,
        public array $minutes,
        public array $later,
        public DayPlan $day,
        public int $until,
    ) {
    }

    /** @return list<self> for what is left of a day that does not keep its hours; none where it does, or where nothing helps */
    public static function all(DayPlan $left): array
    {
        if ($left->late === []) {
            return [];
        }
        $found = [...self::later($left), ...self::less($left)];
        // Two things at once, only where no one thing does.
        $found = $found === [] ? self::two($left) : $found;
        usort($found, static fn (self $a, self $b): int => [$a->cost(), -$a->until] <=> [$b->cost(), -$b->until]);

        return array_slice($found, 0, self::MOST);
    }

    /** As one change of the plan. */
    public function edit(ShootPlan $plan): Edit
    {
        $rows = $plan->brief->list('tasks');
        $shorter = array_map(static fn (int $m): array => ['minutes' => $m], $this->minutes);
        $changed = [...array_fill_keys($this->off, ['off' => true]), ...$shorter];
        $written = Parts::written($rows);
        $ids = array_column($rows, 'id');
        foreach ($changed as $id => $change) {
            $at = null;
            foreach ($rows as $i => $row) {
                $at = $row->text('task') === $id || "own/$row->id" === $id ? $i : $at;
            }
            if ($at === null) {
                $ids[] = FreeId::of('task', $ids);
                $written[] = ['id' => $ids[count($ids) - 1], 'name' => '', 'task' => $id] + $change;
            } else {
                $written[$at] = $change + $written[$at];
            }
        }
        $edit = $changed === [] ? [] : ['/brief/tasks' => $written];
        foreach ($this->later as $id => $by) {
            $setup = $this->day->tasks[$id]->of;
            $hours = $plan->hours($plan->setup($setup)->setup);
            $edit["/setups/$setup/from"] = Clock::said(Clock::minute($hours->from) + $by);
            $edit["/setups/$setup/to"] = Clock::said(Clock::minute($hours->to) + $by);
        }

        return new Edit($edit);
    }

    /** Written so that it can be asked for again: off:meal|later:take/one:25. */
    public function key(): string
    {
        $keys = array_map(static fn (string $id): string => "off:$id", $this->off);
        foreach (['minutes' => $this->minutes, 'later' => $this->later] as $what => $all) {
            foreach ($all as $id => $minutes) {
                $keys[] = "$what:$id:$minutes";
            }
        }

        return implode('|', $keys);
    }

    private function cost(): int
    {
        $cost = array_sum($this->later);
        foreach ([...$this->off, ...array_keys($this->minutes)] as $id) {
            $cost += match (explode('/', $id)[0]) {
                'own', 'restore' => 30,
                'check' => 200,
                'meal' => 150,
                // Pictures are what the day is for.
                default => isset($this->minutes[$id]) ? 100 : 500,
            };
        }

        return $cost;
    }

    /** @return list<self> the first late recording, and all that follow it, as little later as does */
    private static function later(DayPlan $left): array
    {
        foreach ($left->late as $id) {
            if ($left->tasks[$id]->kind !== 'take') {
                continue;
            }
            // What fits later fits later still, until the location shuts: the least by halves, from what is tried in half hours.
            for ($by = self::STRIDE; $by <= self::MOST_LATER && ! $left->fits([], [], [$id => $by]); $by += self::STRIDE);
            if ($by > self::MOST_LATER) {
                continue;
            }
            $least = self::least($by - self::STRIDE, $by, static fn (int $m): bool => $left->fits([], [], [$id => $m]));

            return [self::made($left, [], [], [$id => $least])];
        }

        return [];
    }

    /** @return list<self> one thing left out, or a recording without hours of its own once through */
    private static function less(DayPlan $left): array
    {
        $found = [];
        foreach (array_map(strval(...), array_keys($left->tasks)) as $id) {
            $takes = (int) ($left->tasks[$id]->why['takes'] ?? 0);
            foreach ($takes > 1 ? [intdiv($left->tasks[$id]->task->minutes, $takes)] : [] as $once) {
                $minutes = [$id => max(DayTasks::GRAIN, $once)];
                $found = $left->fits([], $minutes, []) ? [...$found, self::made($left, [], $minutes, [])] : $found;
            }
            if ($left->isSpare($id) && ! in_array($id, $left->late, true)) {
                $found = $left->fits([$id], [], []) ? [...$found, self::made($left, [$id], [], [])] : $found;
            }
        }

        return $found;
    }

    /** @return list<self> */
    private static function two(DayPlan $left): array
    {
        $found = [];
        $spare = array_values(array_filter(
            array_map(strval(...), array_keys($left->tasks)),
            static fn (string $id): bool => $left->isSpare($id) && ! in_array($id, $left->late, true),
        ));
        foreach ($spare as $i => $one) {
            foreach (array_slice($spare, $i + 1) as $other) {
                $found = $left->fits([$one, $other], [], []) ? [...$found, self::made($left, [$one, $other], [], [])] : $found;
            }
        }

        return $found;
    }

    /**
     * @param  list<string>  $off
     * @param  array<string, int>  $minutes
     * @param  array<string, int>  $later
     */
    private static function made(DayPlan $left, array $off, array $minutes, array $later): self
    {
        $isOver = static fn (int $by): bool => $by > self::AHEAD || ! $left->fits($off, $minutes, $later, $left->callMin + $by);
        $over = self::least(0, self::AHEAD + DayTasks::GRAIN, $isOver);

        return new self($off, $minutes, $later, $left->changed($off, $minutes, $later), $left->callMin + $over - DayTasks::GRAIN);
    }

    /**
     * @param  int  $bad  it is not so
     * @param  int  $good  it is
     * @param  \Closure(int): bool  $isSo
     * @return int from when on it is so, by the grain
     */
    private static function least(int $bad, int $good, \Closure $isSo): int
    {
        while ($good - $bad > DayTasks::GRAIN) {
            $middle = intdiv($good + $bad, 2 * DayTasks::GRAIN) * DayTasks::GRAIN;
            [$good, $bad] = $isSo($middle) ? [$middle, $bad] : [$good, $middle];
        }

        return $good;
    }
}
