<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Plan\Setup;
use FineFrame\Plan\SetupList;
use FineFrame\Plan\ShootPlan;
use FineFrame\Rundown\Clock;
use FineFrame\Rundown\Scheduler;
use FineFrame\Rundown\Task;
use FineFrame\Rundown\Timetable;
use FineFrame\Scene\Shared;

/**
 * The day of a setup from the way there to the way home: tasks by what the plan holds, in the hours of the place and of each recording,
 * by as many hands as there are. It begins as late as it may, with time in hand.
 */
final readonly class DayPlan
{
    /** What a day can do without, or another can have. */
    private const SPARE = ['take', 'own', 'meal', 'check', 'restore'];

    /**
     * @param  array<string, DayTask>  $tasks
     * @param  Timetable  $timetable  minutes from the call
     * @param  int  $callMin  of the clock, when the day begins
     * @param  list<string>  $late  tasks that are not within their hours, however it is turned
     */
    private function __construct(
        public string $date,
        public array $tasks,
        public Timetable $timetable,
        public int $callMin,
        public int $hands,
        public array $late,
    ) {
    }

    /** @return self|null null where nothing is set up, or the hours are open */
    public static function of(Situation $situation): ?self
    {
        $plan = $situation->setup->plan;
        $date = $situation->setup->hours()->date;
        $setups = array_values(array_filter(
            $plan->setups,
            static fn (Setup $s): bool => $plan->hours($s)->date === $date && SetupList::taken($s) !== [],
        ));
        if ($setups === [] || $situation->setup->hours()->from === '') {
            return null;
        }
        // The day’s hours are those of the first that has anything.
        $first = $setups[0]->id;
        $setups = self::inOrder($plan, $setups);
        $hands = (int) ($plan->brief->facts->number('hands') ?? 1.0);
        $tasks = DayTasks::corrected(DayTasks::of($situation, $setups, $first, $hands), $plan->brief->list('tasks'), $hands);
        $early = self::earliest($situation, $setups, $tasks);
        $shared = $situation->scene->shared;
        [$table, $late] = self::solved($tasks, $early, $hands, $shared);
        $first = min([Clock::DAY_MIN, ...array_map(static fn (string $id): int => $table->latest[$id] ?? 0, self::first($tasks))]);
        $call = max($early, $early + $first - (int) $situation->limits->get('day_buffer_min'));
        $call = intdiv($call, DayTasks::GRAIN) * DayTasks::GRAIN;
        [$table, $late] = $late === [] && $call > $early ? self::solved($tasks, $call, $hands, $shared) : [$table, $late];

        return new self($date, $tasks, $table, $late === [] ? $call : $early, $hands, $late);
    }

    /**
     * The rest of the day from a minute on: what is done is done, what has begun ends as planned or now, all else follows anew.
     *
     * @param  list<string>  $done  tasks
     */
    public function from(int $now, array $done): self
    {
        $left = array_diff_key($this->tasks, array_flip($done));
        $tasks = [];
        foreach ($left as $id => $task) {
            $hasBegun = $this->startsAt($id) < $now && array_diff($task->task->after, $done) === [];
            $tasks[$id] = new DayTask(
                $task->kind, $task->name, $task->of, $task->place,
                new Task(
                    $id,
                    $hasBegun ? max(DayTasks::GRAIN, $this->endsAt($id) - $now) : $task->task->minutes,
                    array_values(array_diff($task->task->after, $done)),
                    $task->task->needs,
                    $hasBegun ? [] : $task->task->windows,
                ),
                $task->why,
                $task->isTyped,
            );
        }
        [$table, $late] = self::solved($tasks, $now, $this->hands);

        return new self($this->date, $tasks, $table, $now, $this->hands, $late);
    }

    /**
     * The same day with other tasks, from the same moment or another.
     *
     * @param  list<string>  $off
     * @param  array<string, int>  $minutes
     * @param  array<string, int>  $later  minutes by which the hours of a task are moved
     */
    public function changed(array $off, array $minutes = [], array $later = [], ?int $from = null): self
    {
        $tasks = $this->otherwise($off, $minutes, $later);
        $from ??= $this->callMin;
        [$table, $late] = self::solved($tasks, $from, $this->hands);

        return new self($this->date, $tasks, $table, $from, $this->hands, $late);
    }

    /**
     * Whether the changed day keeps its hours.
     *
     * @param  list<string>  $off
     * @param  array<string, int>  $minutes
     * @param  array<string, int>  $later
     */
    public function fits(array $off, array $minutes, array $later, ?int $from = null): bool
    {
        $tasks = $this->otherwise($off, $minutes, $later);
        foreach (self::ways($tasks, $from ?? $this->callMin) as $way) {
            if ((new Scheduler($way, ['hands' => $this->hands]))->isPossible()) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<string>  $off
     * @param  array<string, int>  $minutes
     * @param  array<string, int>  $later
     * @return array<string, DayTask>
     */
    private function otherwise(array $off, array $minutes, array $later): array
    {
        $tasks = $this->tasks;
        foreach ($off as $id) {
            $tasks = DayTasks::without($tasks, $id);
        }
        foreach (array_intersect_key($tasks, $minutes + $later) as $id => $task) {
            $by = $later[$id] ?? 0;
            $tasks[$id] = new DayTask($task->kind, $task->name, $task->of, $task->place, new Task(
                $id,
                $minutes[$id] ?? $task->task->minutes,
                $task->task->after,
                $task->task->needs,
                array_map(static fn (array $w): array => [$w[0] + $by, $w[1] + $by], $task->task->windows),
            ), $task->why, $task->isTyped);
        }

        return $tasks;
    }

    /** Whether the day can do without a task, or have it another time. */
    public function isSpare(string $id): bool
    {
        return in_array($this->tasks[$id]->kind, self::SPARE, true);
    }

    public function startsAt(string $id): int
    {
        return $this->callMin + $this->timetable->starts[$id];
    }

    public function endsAt(string $id): int
    {
        return $this->startsAt($id) + $this->tasks[$id]->task->minutes;
    }

    /** Minutes by which it may begin later, with the end kept. */
    public function slackMin(string $id): int
    {
        return ($this->timetable->latest[$id] ?? $this->timetable->starts[$id]) - $this->timetable->starts[$id];
    }

    public function endMin(): int
    {
        return $this->callMin + $this->timetable->ends;
    }

    /**
     * @param  array<string, DayTask>  $tasks
     * @return array{Timetable, list<string>} and what is not within its hours
     */
    private static function solved(array $tasks, int $from, int $hands, Shared $shared = new Shared): array
    {
        $table = self::kept($tasks, $from, $hands, $shared);
        if ($table !== null) {
            return [$table, []];
        }
        [$capacity, $shifted] = [['hands' => $hands], self::since($tasks, $from)];
        // As it would go if recordings ran over, or nothing had to end by anybody’s hours: so it is seen.
        foreach ([['meal', 'take'], null] as $kinds) {
            $isFree = static fn (Task $t): bool => $kinds === null || in_array($tasks[$t->id]->kind, $kinds, true);
            $free = array_map(static fn (Task $t): Task => $isFree($t) ? self::unshut($t) : $t, $shifted);
            $table ??= self::timetable(self::eatingBefore($free, $tasks), $capacity, $shared);
        }
        $table ??= new Timetable(array_map(static fn (): int => 0, $tasks), 0, 0);
        $late = [];
        foreach ($shifted as $task) {
            $isKept = $tasks[$task->id]->kind === 'meal' || $task->within($table->starts[$task->id]) === $table->starts[$task->id];
            $late = $isKept ? $late : [...$late, $task->id];
        }

        return [$table, $late];
    }

    private static function onTheHour(Task $task): Task
    {
        $windows = array_map(static fn (array $w): array => [$w[0], min($w[1], $w[0] + $task->minutes)], $task->windows);

        return new Task($task->id, $task->minutes, $task->after, $task->needs, $windows);
    }

    /**
     * By the hours of their own; one without any comes after the one that is listed before it. The day’s hours are the first one’s.
     *
     * @param  list<Setup>  $setups
     * @return list<Setup>
     */
    private static function inOrder(ShootPlan $plan, array $setups): array
    {
        [$keys, $last] = [[], ''];
        foreach ($setups as $i => $setup) {
            $last = $i === 0 || $setup->from !== '' ? $plan->hours($setup)->from : $last;
            $keys[$setup->id] = [$last, $i];
        }
        usort($setups, static fn (Setup $a, Setup $b): int => $keys[$a->id] <=> $keys[$b->id]);

        return $setups;
    }

    /**
     * Nobody strikes on an empty stomach.
     *
     * @param  list<Task>  $all
     * @param  array<string, DayTask>  $tasks
     * @return list<Task>
     */
    private static function eatingBefore(array $all, array $tasks): array
    {
        return array_map(static fn (Task $t): Task => isset($tasks['meal']) && $tasks[$t->id]->kind === 'strike'
            ? new Task($t->id, $t->minutes, [...$t->after, 'meal'], $t->needs, $t->windows)
            : $t, $all);
    }

    /** @param  array<string, DayTask>  $tasks */
    private static function kept(array $tasks, int $from, int $hands, Shared $shared): ?Timetable
    {
        foreach (self::ways($tasks, $from) as $way) {
            $table = self::timetable($way, ['hands' => $hands], $shared);
            if ($table !== null) {
                return $table;
            }
        }

        return null;
    }

    /**
     * The timetable of tasks, looked up where the same were put in order before: nothing of a day moves while a lamp does.
     *
     * @param  list<Task>  $tasks
     * @param  array<string, int>  $capacity
     */
    private static function timetable(array $tasks, array $capacity, Shared $shared): ?Timetable
    {
        $key = 'timetable '.hash('xxh128', serialize([$tasks, $capacity]));
        $numbers = $shared->list($key, static function () use ($tasks, $capacity): array {
            $table = (new Scheduler($tasks, $capacity))->solve();
            $numbers = $table === null ? [] : ['ends' => (float) $table->ends, 'least' => (float) $table->least];
            foreach ($table->starts ?? [] as $id => $minute) {
                $numbers["starts $id"] = (float) $minute;
            }
            foreach ($table->latest ?? [] as $id => $minute) {
                $numbers["latest $id"] = (float) $minute;
            }

            return $numbers;
        });
        if ($numbers === []) {
            return null;
        }
        [$starts, $latest] = [[], []];
        foreach ($numbers as $name => $minute) {
            [$what, $id] = explode(' ', $name, 2) + [1 => ''];
            if ($what === 'starts') {
                $starts[$id] = (int) $minute;
            } elseif ($what === 'latest') {
                $latest[$id] = (int) $minute;
            }
        }

        return new Timetable($starts, (int) $numbers['ends'], (int) $numbers['least'], $latest);
    }

    /**
     * With everything within its hours: what has its hour begins on the hour, where that can be. A meal gives way first.
     *
     * @param  array<string, DayTask>  $tasks
     * @return iterable<list<Task>> the first that is possible is how the day goes
     */
    private static function ways(array $tasks, int $from): iterable
    {
        $shifted = self::since($tasks, $from);
        yield array_map(static fn (Task $t): Task => isset($tasks[$t->id]->why['between']) ? self::onTheHour($t) : $t, $shifted);
        yield $shifted;
        if (isset($tasks['meal'])) {
            $later = array_map(static fn (Task $t): Task => $tasks[$t->id]->kind === 'meal' ? self::unshut($t) : $t, $shifted);
            yield self::eatingBefore($later, $tasks);
        }
    }

    /**
     * @param  array<string, DayTask>  $tasks
     * @return list<Task> by minutes from a moment
     */
    private static function since(array $tasks, int $from): array
    {
        return array_map(static fn (DayTask $t): Task => self::shifted($t->task, $from), array_values($tasks));
    }

    private static function unshut(Task $task): Task
    {
        $windows = array_map(static fn (array $w): array => [$w[0], DayTasks::OPEN_MIN], $task->windows);

        return new Task($task->id, $task->minutes, $task->after, $task->needs, $windows);
    }

    private static function shifted(Task $task, int $by): Task
    {
        return new Task(
            $task->id, $task->minutes, $task->after, $task->needs,
            array_map(static fn (array $w): array => [max(0, $w[0] - $by), $w[1] - $by], $task->windows),
        );
    }

    /**
     * @param  array<string, DayTask>  $tasks
     * @return list<string> that wait for nothing
     */
    private static function first(array $tasks): array
    {
        $first = array_filter($tasks, static fn (DayTask $t): bool => $t->task->after === [] && $t->task->windows === []);

        return array_map(strval(...), array_keys($first ?: array_filter($tasks, static fn (DayTask $t): bool => $t->task->after === [])));
    }

    /**
     * @param  list<Setup>  $setups
     * @param  array<string, DayTask>  $tasks
     * @return int the clock before which nothing begins
     */
    private static function earliest(Situation $situation, array $setups, array $tasks): int
    {
        $opens = [];
        foreach ($setups as $setup) {
            $in = $situation->setup->plan->location($setup->location)->facts->text('in_from');
            $opens = $in === '' ? $opens : [...$opens, Clock::minute($in)];
        }
        $travel = ($tasks['travel'] ?? null)?->task->minutes ?? 0;
        $from = Clock::minute($situation->setup->hours()->from);
        $before = array_sum(array_map(static fn (DayTask $t): int => $t->task->minutes, $tasks));

        return max(0, $opens === [] ? $from - $before : min($opens) - $travel);
    }
}
