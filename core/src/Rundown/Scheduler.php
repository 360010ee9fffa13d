<?php

declare(strict_types=1);

namespace FineFrame\Rundown;

/**
 * Tasks in order of their beginnings, each as early as what it waits for, its hours and what is left of everything allow: every timetable
 * in which nothing can be moved forward comes out of one such order, the best among them (Kolisch 1996). Small days are gone through
 * wholly, by branch and bound; of large ones many good orders are tried, and what no timetable can beat is said beside the best.
 */
final class Scheduler
{
    /** So many tasks are gone through wholly; more are, as long as this many steps suffice. */
    private const STEPS = 1500;

    /** Orders tried beyond the usual rules. */
    private const TRIES = 15;

    /** @var array<string, Task> */
    private readonly array $tasks;

    /** @var array<string, int> minutes from a task’s beginning to the end of the longest chain after it */
    private readonly array $tails;

    /** @var array<string, list<string>> */
    private readonly array $before;

    /** @var array<string, int> as soon as what it waits for and its hours allow, were there plenty of everything */
    private readonly array $heads;

    private int $steps = 0;

    private int $least = 0;

    /** @var array<string, int>|null */
    private ?array $best = null;

    private int $ends = PHP_INT_MAX;

    /**
     * @param  list<Task>  $tasks
     * @param  array<string, int>  $capacity  by resource; what is not named there is plentiful
     *
     * @throws ImpossibleDay
     */
    public function __construct(array $tasks, private readonly array $capacity)
    {
        $this->tasks = array_combine(array_map(static fn (Task $t): string => $t->id, $tasks), $tasks);
        foreach ($tasks as $task) {
            foreach ($task->after as $id) {
                if (! isset($this->tasks[$id])) {
                    throw ImpossibleDay::unknown($id);
                }
            }
        }
        $order = $this->sorted();
        $heads = $before = [];
        foreach ($order as $id) {
            $task = $this->tasks[$id];
            $from = max([0, ...array_map(fn (string $p): int => $heads[$p] + $this->tasks[$p]->minutes, $task->after)]);
            $heads[$id] = $task->within($from) ?? PHP_INT_MAX >> 1;
            $before[$id] = $task->after;
        }
        $tails = array_map(static fn (Task $t): int => $t->minutes, $this->tasks);
        foreach (array_reverse($order) as $id) {
            foreach ($this->tasks[$id]->after as $p) {
                $tails[$p] = max($tails[$p], $this->tasks[$p]->minutes + $tails[$id]);
            }
        }
        [$this->heads, $this->tails, $this->before] = [$heads, $tails, $before];
    }

    /** Whether any timetable keeps all hours: the first one that is found will do. */
    public function isPossible(): bool
    {
        foreach ($this->tasks as $task) {
            foreach ($task->needs as $resource => $count) {
                if ($count > ($this->capacity[$resource] ?? PHP_INT_MAX)) {
                    return false;
                }
            }
        }
        foreach ($this->rules() as $ranks) {
            if ($this->ranked($ranks) !== null) {
                return true;
            }
        }
        $this->least = PHP_INT_MAX;
        $this->branch([], [], 0, 0);

        return $this->best !== null;
    }

    /** @return Timetable|null null where none keeps all hours, or none was found on a large day */
    public function solve(): ?Timetable
    {
        foreach ($this->tasks as $task) {
            foreach ($task->needs as $resource => $count) {
                if ($count > ($this->capacity[$resource] ?? PHP_INT_MAX)) {
                    return null;
                }
            }
        }
        if ($this->tasks === []) {
            return new Timetable([], 0, 0);
        }
        $this->least = $this->bound();
        foreach ($this->rules() as $ranks) {
            $this->take($this->ranked($ranks));
        }
        $this->steps = 0;
        $isWhole = $this->branch([], [], 0, 0);
        if ($this->best === null) {
            return null;
        }

        return new Timetable($this->best, $this->ends, $isWhole ? $this->ends : $this->least, $this->latest($this->best, $this->ends));
    }

    /**
     * @param  array<string, int>  $starts
     * @return array<string, int>
     */
    private function latest(array $starts, int $end): array
    {
        $latest = [];
        $ids = array_keys($starts);
        usort($ids, fn (string $a, string $b): int => $starts[$b] + $this->tasks[$b]->minutes <=> $starts[$a] + $this->tasks[$a]->minutes);
        $moved = $starts;
        foreach ($ids as $id) {
            $task = $this->tasks[$id];
            $by = $end;
            foreach ($this->tasks as $other) {
                $by = in_array($id, $other->after, true) ? min($by, $moved[$other->id]) : $by;
            }
            $at = $task->latestBy($by);
            while ($at !== null && $at > $starts[$id] && ! $this->fits($task, $at, array_diff_key($moved, [$id => 0]))) {
                $at = $task->latestBy($at + $task->minutes - 1);
            }
            $latest[$id] = max($starts[$id], $at ?? $starts[$id]);
            $moved[$id] = $latest[$id];
        }

        return $latest;
    }

    /**
     * @param  array<string, int>  $starts  as placed
     * @param  list<string>  $gone
     * @return bool whether all was gone through
     */
    private function branch(array $starts, array $gone, int $since, int $ends): bool
    {
        if (count($starts) === count($this->tasks)) {
            $this->keep($starts, $ends);

            return true;
        }
        if (++$this->steps > self::STEPS) {
            return false;
        }
        $open = [];
        foreach ($this->tasks as $id => $task) {
            if (isset($starts[$id])) {
                continue;
            }
            if (array_diff($this->before[$id], $gone) === []) {
                $at = $this->earliest($task, $starts);
                if ($at === null) {
                    return true;
                }
                // In order of their beginnings: what could have begun before the last one was its turn then.
                if ($at >= $since) {
                    $open[$id] = $at;
                }
                if ($at + $this->tails[$id] >= $this->ends) {
                    return true;
                }
            }
        }
        asort($open);
        $isWhole = true;
        foreach ($open as $id => $at) {
            if ($this->ends <= $this->least) {
                return true;
            }
            $end = max($ends, $at + $this->tasks[$id]->minutes);
            $isWhole = $this->branch($starts + [$id => $at], [...$gone, $id], $at, $end) && $isWhole;
        }

        return $isWhole;
    }

    /**
     * By rank, the highest first among those whose turn it may be.
     *
     * @param  array<string, float>  $ranks
     * @return array<string, int>|null
     */
    private function ranked(array $ranks): ?array
    {
        $starts = [];
        $left = $this->tasks;
        while ($left !== []) {
            $best = null;
            foreach ($left as $id => $task) {
                if (array_diff($task->after, array_keys($starts)) === [] && ($best === null || $ranks[$id] > $ranks[$best])) {
                    $best = $id;
                }
            }
            $at = $best === null ? null : $this->earliest($this->tasks[$best], $starts);
            if ($best === null || $at === null) {
                return null;
            }
            $starts[$best] = $at;
            unset($left[$best]);
        }

        return $starts;
    }

    /** @return iterable<array<string, float>> longest chain first, hours that shut first, most needed first; and these shaken */
    private function rules(): iterable
    {
        $shut = array_map(static fn (Task $t): float => -($t->latestBy(PHP_INT_MAX >> 1) ?? 0), $this->tasks);
        $tails = array_map(floatval(...), $this->tails);
        yield $tails;
        yield $shut;
        yield array_map(static fn (Task $t): float => (float) (array_sum($t->needs) * $t->minutes), $this->tasks);
        $seed = 7;
        for ($try = 0; $try < self::TRIES; $try++) {
            $ranks = [];
            foreach ($try % 3 === 0 ? $shut : $tails as $id => $rank) {
                // A small generator of its own: the same day gives the same timetable.
                $seed = ($seed * 1_103_515_245 + 12_345) & 0x7FFFFFFF;
                $ranks[$id] = $rank * (0.5 + $seed / 0x7FFFFFFF);
            }
            yield $ranks;
        }
    }

    /** @param  array<string, int>|null  $starts */
    private function take(?array $starts): void
    {
        if ($starts !== null) {
            $ends = array_map(fn (string $id): int => $starts[$id] + $this->tasks[$id]->minutes, array_keys($starts));
            $this->keep($starts, max([0, ...$ends]));
        }
    }

    /** @param  array<string, int>  $starts */
    private function keep(array $starts, int $ends): void
    {
        if ($ends < $this->ends) {
            [$this->best, $this->ends] = [$starts, $ends];
        }
    }

    /**
     * @param  array<string, int>  $starts
     * @return int|null null where it fits nowhere in its hours
     */
    private function earliest(Task $task, array $starts): ?int
    {
        $from = 0;
        foreach ($task->after as $p) {
            $from = max($from, $starts[$p] + $this->tasks[$p]->minutes);
        }
        $at = $task->within($from);
        while ($at !== null && ! $this->fits($task, $at, $starts)) {
            $next = PHP_INT_MAX;
            foreach ($starts as $id => $start) {
                $end = $start + $this->tasks[$id]->minutes;
                $next = $end > $at && $end < $next ? $end : $next;
            }
            $at = $task->within($next);
        }

        return $at;
    }

    /** @param  array<string, int>  $starts */
    private function fits(Task $task, int $at, array $starts): bool
    {
        $end = $at + $task->minutes;
        $meeting = [];
        foreach ($starts as $id => $start) {
            if ($start < $end && $start + $this->tasks[$id]->minutes > $at) {
                $meeting[] = [$start, $start + $this->tasks[$id]->minutes, $this->tasks[$id]->needs];
            }
        }
        foreach ($task->needs as $resource => $count) {
            $left = ($this->capacity[$resource] ?? PHP_INT_MAX) - $count;
            // What is drawn rises only where something begins.
            foreach ([[$at], ...$meeting] as [$moment]) {
                $drawn = 0;
                foreach ($moment < $at ? [] : $meeting as [$from, $to, $needs]) {
                    $drawn += $from <= $moment && $to > $moment ? $needs[$resource] ?? 0 : 0;
                }
                if ($drawn > $left) {
                    return false;
                }
            }
        }

        return true;
    }

    /** No timetable ends sooner: by the longest chain in its hours, and by all the work there is for each resource. */
    private function bound(): int
    {
        $chains = array_map(fn (string $id): int => $this->heads[$id] + $this->tails[$id], array_keys($this->tasks));
        $work = [0];
        foreach ($this->capacity as $resource => $there) {
            $users = array_filter($this->tasks, static fn (Task $t): bool => ($t->needs[$resource] ?? 0) > 0);
            $heads = array_intersect_key($this->heads, $users);
            foreach (array_unique($heads) as $from) {
                // All that cannot begin before a moment is done after it, and what follows the last of it too.
                $rest = array_filter($users, fn (Task $t): bool => $heads[$t->id] >= $from);
                $drawn = array_sum(array_map(static fn (Task $t): int => $t->minutes * $t->needs[$resource], $rest));
                $tails = array_map(fn (Task $t): int => $this->tails[$t->id] - $t->minutes, array_values($rest));
                $after = min([PHP_INT_MAX >> 1, ...$tails]);
                $work[] = $from + (int) ceil($drawn / max(1, $there)) + $after;
            }
        }

        return max([...$chains, ...$work]);
    }

    /**
     * @return list<string> each after what it waits for
     *
     * @throws ImpossibleDay
     */
    private function sorted(): array
    {
        $order = [];
        $left = $this->tasks;
        while ($left !== []) {
            $ready = array_filter($left, static fn (Task $t): bool => array_diff($t->after, $order) === []);
            if ($ready === []) {
                throw ImpossibleDay::circle();
            }
            $order = [...$order, ...array_map(strval(...), array_keys($ready))];
            $left = array_diff_key($left, $ready);
        }

        return $order;
    }
}
