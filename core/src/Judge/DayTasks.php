<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Camera\Move;
use FineFrame\Document\Record;
use FineFrame\Plan\Location;
use FineFrame\Plan\Setup;
use FineFrame\Plan\SetupPlan;
use FineFrame\Rundown\Clock;
use FineFrame\Rundown\Task;
use FineFrame\Staging\Furniture;

/** The tasks of a day, by what the plan holds, with their usual lengths; and as people have corrected them. */
final class DayTasks
{
    /** On the way, km/h; a step a second with a case, and to put it down; cases that one takes at a time. Ours, to be corrected. */
    private const KMH = 50.0;

    private const CASE_MIN = 1.5;

    private const CASES = 2;

    private const CARRY_M = 30.0;

    /** Minutes for a camera with its support, for sound as such, for each microphone, for a check and each track of it. */
    private const CAMERA_MIN = 8.0;

    private const SOUND_MIN = 8.0;

    private const MICROPHONE_MIN = 4.0;

    private const CHECK_MIN = 10.0;

    private const TRACK_MIN = 2.0;

    /** Takes of what nobody has set hours for, and a pause between; where even a take is unknown, an hour. */
    private const TAKES = 3;

    private const PAUSE_MIN = 5.0;

    private const UNKNOWN_MIN = 60.0;

    /** To take down is so much of to build; to put a thing back. */
    private const STRIKE = 0.5;

    private const RESTORE_MIN = 3.0;

    private const MEAL_MIN = 45;

    /** Between these, and on days of so many minutes. */
    private const MEAL = [690, 870];

    private const MEAL_FROM_MIN = 300;

    /** Hours that nobody shuts end then, minutes. */
    public const OPEN_MIN = 100_000;

    public const GRAIN = 5;

    /** Two setups rigged at one time want two pairs of hands. */
    private const PAIR = 2;

    /**
     * @param  list<Setup>  $setups
     * @param  string  $first  the setup that takes the day’s hours, where it has none of its own
     * @return array<string, DayTask>
     */
    public static function of(Situation $situation, array $setups, string $first, int $hands): array
    {
        $plan = $situation->setup->plan;
        $places = [];
        foreach ($setups as $setup) {
            $places[$setup->location] = $plan->location($setup->location);
        }
        $all = self::ways($places);
        $came = isset($all['travel']) ? ['travel'] : [];
        $cases = [];
        $work = [];
        foreach ($setups as $setup) {
            [$stands, $lamps] = LampRig::work($plan->setup($setup->id));
            $microphones = count($setup->booms) + count($setup->list('mics')) + count($setup->list('pairs'));
            $work[$setup->id] = [
                'lights' => $lamps, 'cameras' => self::CAMERA_MIN * count($setup->cameras),
                'sound' => $microphones === 0 ? 0.0 : self::SOUND_MIN + self::MICROPHONE_MIN * $microphones,
            ];
            $cases[$setup->location] = max(
                $cases[$setup->location] ?? 0,
                count($setup->lights) + (int) ceil($stands / 3) + count($setup->cameras) + ($microphones > 0 ? 2 : 0),
            );
        }
        foreach ($places as $id => $place) {
            $all += self::load($place, 'load', $cases[$id], $hands, $came);
        }
        [$lastTake, $strikes] = [[], []];
        foreach ($setups as $setup) {
            $of = new SetupPlan($plan, $setup, $places[$setup->location]);
            $before = array_values(array_filter(array_map(
                static fn (string $s): ?string => $s !== $setup->id && $plan->setup($s)->setup->location === $setup->location
                    ? "strike/$s" : null,
                array_keys($strikes),
            )));
            $isFirst = $setup->id === $first;
            $all += self::setup($of, $work[$setup->id], $hands, [...$before, "load/$setup->location"], $lastTake, $isFirst);
            $lastTake = ["take/$setup->id"];
            $strikes[$setup->id] = $setup->location;
        }
        foreach ($places as $id => $place) {
            $here = array_keys(array_filter($strikes, static fn (string $at): bool => $at === $id));
            $all += self::load($place, 'out', $cases[$id], $hands, array_values(array_filter(
                array_merge([], ...array_map(static fn (string $s): array => ["strike/$s", "restore/$s"], $here)),
                static fn (string $t): bool => isset($all[$t]),
            )));
        }
        $outs = array_map(static fn (string $id): string => "out/$id", array_keys($places));
        if (isset($all['travel'])) {
            $all['home'] = self::task('home', '', '', '', $all['travel']->task->minutes, $outs, $hands, [], []);
        }
        $total = array_sum(array_map(static fn (DayTask $t): int => $t->task->minutes, $all));

        return $all + ($total < self::MEAL_FROM_MIN ? [] : [
            'meal' => self::task('meal', '', '', '', self::MEAL_MIN, $came, $hands, [self::MEAL], ['meal' => self::MEAL_MIN.' min']),
        ]);
    }

    /**
     * @param  array<string, Location>  $places
     * @return array<string, DayTask> the way there
     */
    private static function ways(array $places): array
    {
        $km = max([0.0, ...array_map(static fn (Location $l): float => $l->facts->number('distance_km') ?? 0.0, $places)]);

        return $km <= 0.0 ? [] : ['travel' => self::task('travel', '', '', '', 60 * $km / self::KMH, [], 0, [], [
            'distance' => round($km).' km', 'speed' => round(self::KMH).' km/h',
        ])];
    }

    /**
     * @param  list<string>  $after
     * @return array<string, DayTask>
     */
    private static function load(Location $place, string $kind, int $cases, int $hands, array $after): array
    {
        $carry = $place->facts->number('carry_m') ?? self::CARRY_M;
        $trips = (int) ceil($cases / (self::CASES * $hands));
        $hours = self::venue($place);

        $minutes = $trips * (2 * $carry / 60 + self::CASE_MIN);

        return ["$kind/$place->id" => self::task($kind, $place->name, $place->id, $place->id, $minutes, $after, $hands, $hours, [
            'cases' => (string) $cases, 'trips' => (string) $trips, 'to carry' => round($carry).' m',
        ])];
    }

    /**
     * @param  array{lights: float, cameras: float, sound: float}  $work  minutes for one pair of hands
     * @param  list<string>  $after
     * @param  list<string>  $lastTake
     * @return array<string, DayTask>
     */
    private static function setup(SetupPlan $of, array $work, int $hands, array $after, array $lastTake, bool $isFirst): array
    {
        [$id, $name, $place] = [$of->setup->id, $of->setup->name, $of->location->id];
        $venue = self::venue($of->location);
        $pair = min(self::PAIR, $hands);
        $all = [];
        foreach ($work as $kind => $minutes) {
            $by = $kind === 'lights' ? $pair : 1;
            if ($minutes > 0.0) {
                $all["$kind/$id"] = self::task($kind, $name, $id, $place, $minutes / $by, $after, $by, $venue, [
                    'alone' => round($minutes).' min', 'people' => (string) $by,
                ]);
            }
        }
        $tracks = count($of->setup->list('tracks'));
        $checks = self::CHECK_MIN + self::TRACK_MIN * $tracks;
        $all["check/$id"] = self::task(
            'check', $name, $id, $place, $checks, array_keys($all) ?: $after, $hands, $venue, ['tracks' => (string) $tracks],
        );
        [$minutes, $window, $why] = self::take($of, $isFirst);
        $hours = $window === null ? $venue : [$window];
        $all["take/$id"] = self::task('take', $name, $id, $place, $minutes, ["check/$id", ...$lastTake], $hands, $hours, $why);
        $strike = self::STRIKE * array_sum($work) / $hands;
        $all["strike/$id"] = self::task('strike', $name, $id, $place, $strike, ["take/$id"], $hands, $venue, []);
        $moved = count(array_filter($of->setup->furniture, static fn (Furniture $f): bool => $f->isMoved()));

        return $all + ($moved === 0 ? [] : ["restore/$id" => self::task(
            'restore', $name, $id, $place, self::RESTORE_MIN * $moved, ["strike/$id"], 1, $venue, ['things' => (string) $moved],
        )]);
    }

    /** @return array{float, array{int, int}|null, array<string, string>} minutes, the hours it is set for, and why */
    private static function take(SetupPlan $of, bool $isFirst): array
    {
        $hours = $of->hours();
        $isSet = ($isFirst || $of->setup->from.$of->setup->to !== '') && $hours->lengthMin() !== null;
        $one = self::through($of);
        if ($isSet) {
            $length = (float) $hours->lengthMin();
            $minutes = min($length, ($hours->minutes ?? 0.0) > 0.0 ? (float) $hours->minutes : $length);
            $from = Clock::minute($hours->from);

            return [$minutes, [$from, $from + (int) $length], [
                'recorded' => round($minutes).' min', 'between' => "$hours->from and $hours->to",
            ]];
        }

        return $one === null
            ? [self::UNKNOWN_MIN, null, ['not set' => 'one hour assumed']]
            : [self::TAKES * ($one + self::PAUSE_MIN), null, ['takes' => (string) self::TAKES, 'each' => round($one, 1).' min']];
    }

    /** One time through: the songs, the parts of a talk, else the longest move; null where nothing says. */
    private static function through(SetupPlan $of): ?float
    {
        $songs = max([0.0, ...array_map(static fn (Record $r): float => $r->number('to_s') ?? 0.0, $of->setup->list('sections'))]) / 60;
        $parts = array_sum(array_map(static fn (Record $r): float => $r->number('minutes') ?? 0.0, $of->setup->list('progress')));
        $moves = max([0.0, ...array_map(static fn (Move $m): float => $m->lastsS() / 60, $of->setup->moves)]);
        $longest = max($songs, $parts, $moves);

        return $longest > 0.0 ? $longest : null;
    }

    /** @return list<array{int, int}> */
    private static function venue(Location $place): array
    {
        [$in, $out] = [$place->facts->text('in_from'), $place->facts->text('out_by')];

        if ($in.$out === '') {
            return [];
        }
        $opens = $in === '' ? 0 : Clock::minute($in);
        $shuts = $out === '' ? self::OPEN_MIN : Clock::minute($out);

        return [[$opens, $shuts <= $opens ? $shuts + 1440 : $shuts]];
    }

    /**
     * @param  list<string>  $after
     * @param  list<array{int, int}>  $windows
     * @param  array<string, string>  $why
     */
    private static function task(
        string $kind,
        string $name,
        string $of,
        string $place,
        float $minutes,
        array $after,
        int $hands,
        array $windows,
        array $why,
    ): DayTask {
        $id = $of === '' ? $kind : "$kind/$of";
        $whole = (int) (ceil($minutes / self::GRAIN - 1e-9) * self::GRAIN);
        $task = new Task($id, $whole, $after, $hands === 0 ? [] : ['hands' => $hands], $windows);

        return new DayTask($kind, $name, $of, $place, $task, $why);
    }

    /**
     * What people typed: lengths, hands and hours of what is computed, tasks of their own, and what is left out.
     *
     * @param  array<string, DayTask>  $tasks
     * @param  list<Record>  $rows
     * @return array<string, DayTask>
     */
    public static function corrected(array $tasks, array $rows, int $hands): array
    {
        foreach ($rows as $row) {
            $id = $row->text('task') ?: "own/$row->id";
            if ($row->flag('off')) {
                $tasks = self::without($tasks, $id);

                continue;
            }
            $was = $tasks[$id] ?? null;
            if ($was === null && $row->text('task') !== '') {
                continue;
            }
            [$from, $to] = [$row->text('from'), $row->text('to')];
            $after = array_values(array_filter(
                array_unique([...$was->task->after ?? [], $row->text('after')]),
                static fn (string $a): bool => isset($tasks[$a]) && $a !== $id,
            ));
            $needs = $row->number('hands') === null ? $was->task->needs ?? [] : ['hands' => min($hands, (int) $row->number('hands'))];
            $tasks[$id] = new DayTask(
                $was->kind ?? 'own',
                $was->name ?? $row->text('name'),
                $was->of ?? '',
                $was->place ?? '',
                new Task(
                    $id,
                    (int) ($row->number('minutes') ?? $was->task->minutes ?? 0),
                    $after,
                    $needs,
                    $from === '' && $to === '' ? $was->task->windows ?? [] : [[
                        $from === '' ? 0 : Clock::minute($from), $to === '' ? self::OPEN_MIN : Clock::minute($to),
                    ]],
                ),
                ['typed' => ($row->number('minutes') ?? 0).' min'] + ($was->why ?? []),
                true,
            );
        }

        return $tasks;
    }

    /**
     * @param  array<string, DayTask>  $tasks
     * @return array<string, DayTask> what waited for it waits for what it waited for
     */
    public static function without(array $tasks, string $id): array
    {
        $gone = $tasks[$id] ?? null;
        if ($gone === null) {
            return $tasks;
        }
        unset($tasks[$id]);

        return array_map(static fn (DayTask $t): DayTask => in_array($id, $t->task->after, true) ? new DayTask(
            $t->kind, $t->name, $t->of, $t->place,
            new Task(
                $t->task->id,
                $t->task->minutes,
                array_values(array_unique([...array_diff($t->task->after, [$id]), ...$gone->task->after])),
                $t->task->needs,
                $t->task->windows,
            ),
            $t->why,
            $t->isTyped,
        ) : $t, $tasks);
    }
}
