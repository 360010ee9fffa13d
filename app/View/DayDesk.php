<?php

declare(strict_types=1);

namespace App\View;

use FineFrame\Judge\DayPlan;
use FineFrame\Judge\DayTask;
use FineFrame\Judge\Situation;
use FineFrame\Plan\Location;
use FineFrame\Rundown\Clock;
use FineFrame\Sun\SunDay;
use Illuminate\Support\Str;

/** The day on one clock: tasks as bars on a lane for each place, and as rows to be corrected. */
final readonly class DayDesk
{
    /** The drawing: how wide it may be without scrolling, a lane’s height, room for its name. A minute is no wider and no narrower. */
    private const WIDTH = 762.0;

    private const MINUTES = [0.7, 2.6];

    private const LANE = 58.0;

    private const LEFT = 96.0;

    private const MARGIN = 18.0;

    private const TOP = 26.0;

    private const BAR = 22.0;

    /** A letter of a bar’s word across. */
    private const LETTER = 5.7;

    public ?DayPlan $day;

    public function __construct(private Situation $situation)
    {
        $this->day = $situation->day();
    }

    /**
     * @return list<array{id: string, name: string, begins: string, ends: string, minutes: int, slack: string, why: string, isLate: bool,
     *     isTyped: bool}>
     */
    public function rows(DayPlan $day): array
    {
        $ids = array_keys($day->tasks);
        $when = static fn (string $id): array => [$day->startsAt($id), $day->endsAt($id)];
        usort($ids, static fn (string $a, string $b): int => $when($a) <=> $when($b));

        return array_map(fn (string $id): array => [
            'id' => $id,
            'name' => self::called($day->tasks[$id]),
            'begins' => Clock::said($day->startsAt($id)),
            'ends' => Clock::said($day->endsAt($id)),
            'minutes' => $day->tasks[$id]->task->minutes,
            'slack' => $day->slackMin($id) > 0 ? $day->slackMin($id).' min' : 'none',
            'why' => implode(', ', array_map(
                static fn (string $what, string $so): string => "$what $so",
                array_keys($day->tasks[$id]->why),
                $day->tasks[$id]->why,
            )),
            'isLate' => in_array($id, $day->late, true),
            'isTyped' => $day->tasks[$id]->isTyped,
        ], $ids);
    }

    /**
     * @return array{minute: float, width: float, height: float, dark: list<array{x: float, width: float}>, noises: list<array{x: float,
     *     y: float, width: float, title: string}>, hours: list<array{x: float, words: string}>, lanes: list<array{y: float, name: string,
     *     opens: float, shuts: float}>, bars: list<array{id: string, begins: int, minutes: int, x: float, y: float, width: float,
     *     height: float, tail: float, words: string, wordsX: float, title: string, class: string}>}
     */
    public function drawing(DayPlan $day): array
    {
        $lanes = array_values(array_unique(array_map(static fn (DayTask $t): string => $t->place, $day->tasks)));
        sort($lanes);
        $from = intdiv($day->callMin, 60) * 60;
        $to = (intdiv(max(1, $day->endMin()) - 1, 60) + 1) * 60;
        $scale = max(self::MINUTES[0], min(self::MINUTES[1], (self::WIDTH - self::LEFT - self::MARGIN) / max(60, $to - $from)));
        $x = static fn (float $minute): float => self::LEFT + ($minute - $from) * $scale;
        $rows = $this->stacked($day, $lanes, $scale);
        [$bars, $tops, $top] = [[], [], self::TOP];
        foreach ($lanes as $lane) {
            $tops[$lane] = $top;
            $top += max(self::LANE, ($rows[$lane]['count'] ?? 1) * (self::BAR + 4) + 12);
        }
        foreach ($day->tasks as $id => $task) {
            $at = $x($day->startsAt($id));
            $width = max(3.0, $task->task->minutes * $scale);
            $words = self::called($task);
            $short = self::short($task);
            $bars[] = [
                'id' => $id,
                'begins' => $day->startsAt($id),
                'minutes' => $task->task->minutes,
                'x' => $at,
                'y' => $tops[$task->place] + 6 + $rows[$task->place]['row'][$id] * (self::BAR + 4),
                'width' => $width,
                'height' => self::BAR,
                'tail' => $day->slackMin($id) * $scale,
                'words' => $short,
                'wordsX' => $at + (self::across($short) < $width ? 5 : $width + 4),
                'title' => $words.', '.Clock::said($day->startsAt($id)).' to '.Clock::said($day->endsAt($id)),
                'class' => implode(' ', array_filter([
                    'task',
                    self::across($short) < $width ? '' : 'is-narrow',
                    "task-$task->kind",
                    in_array($id, $day->late, true) ? 'is-late' : '',
                    isset($task->why['between']) ? 'is-set' : '',
                ])),
            ];
        }

        return [
            'minute' => $scale,
            'width' => $x($to) + self::MARGIN,
            'height' => $top + 4,
            'dark' => $this->dark($day->date, $x, $from, $to),
            'noises' => $this->noises($lanes, $tops, $x, $from, $to),
            'hours' => array_map(static fn (int $h): array => ['x' => $x($h), 'words' => Clock::said($h)], range($from, $to, 60)),
            'lanes' => array_map(fn (string $lane): array => [
                'y' => $tops[$lane], 'name' => $this->lane($lane),
            ] + $this->open($lane, $x, $from, $to), $lanes),
            'bars' => $bars,
        ];
    }

    /**
     * Where the sun is more than six degrees under, at the first place that says where it is.
     *
     * @param  \Closure(float): float  $x
     * @return list<array{x: float, width: float}>
     */
    private function dark(string $date, \Closure $x, int $from, int $to): array
    {
        $site = $this->situation->setup->location->site;
        $sun = $site === null ? null : SunDay::of($site, $date);
        if ($site === null || $sun?->civilDawn === null || $sun->civilDusk === null) {
            return [];
        }
        $dawn = Clock::minute($site->clock($sun->civilDawn));
        $dusk = Clock::minute($site->clock($sun->civilDusk));
        $spans = array_filter([[$from, min($dawn, $to)], [max($dusk, $from), $to]], static fn (array $s): bool => $s[1] > $s[0]);

        return array_values(array_map(static fn (array $s): array => ['x' => $x($s[0]), 'width' => $x($s[1]) - $x($s[0])], $spans));
    }

    /**
     * Hours in which something at a place makes noise.
     *
     * @param  list<string>  $lanes
     * @param  array<string, float>  $tops
     * @param  \Closure(float): float  $x
     * @return list<array{x: float, y: float, width: float, title: string}>
     */
    private function noises(array $lanes, array $tops, \Closure $x, int $from, int $to): array
    {
        $all = [];
        foreach (array_filter($lanes) as $lane) {
            foreach ($this->place($lane)->list('noise') as $row) {
                [$begins, $ends] = [$row->text('runs_from'), $row->text('runs_to')];
                $begin = $begins === '' ? $from : max($from, Clock::minute($begins));
                $end = $ends === '' ? $to : min($to, Clock::minute($ends));
                if ($begins.$ends !== '' && $end > $begin) {
                    $title = $row->text('name').", $begins to $ends";
                    $all[] = ['x' => $x($begin), 'y' => $tops[$lane] + 2, 'width' => $x($end) - $x($begin), 'title' => $title];
                }
            }
        }

        return $all;
    }

    public static function called(DayTask $task): string
    {
        $words = __("rundown.tasks.$task->kind", ['name' => $task->name]);

        return is_string($words) ? trim($words) : $task->kind;
    }

    /** What a word takes across, with room at both ends. */
    private static function across(string $word): float
    {
        return self::LETTER * mb_strlen($word) + 10;
    }

    private static function short(DayTask $task): string
    {
        $word = __("rundown.short.$task->kind", ['name' => $task->name]);

        return is_string($word) ? trim($word) : '';
    }

    /** @return array<string, string> names by task, to be chosen from */
    public function names(DayPlan $day): array
    {
        return array_map(self::called(...), $day->tasks);
    }

    private function lane(string $place): string
    {
        // Places of one house are told apart by what comes after its name.
        return $place === '' ? 'on the way' : trim(Str::afterLast($this->place($place)->name, ','));
    }

    /** @return array{opens: float, shuts: float} the venue’s hours in the drawing */
    private function open(string $lane, \Closure $x, int $from, int $to): array
    {
        if ($lane === '') {
            return ['opens' => 0.0, 'shuts' => 0.0];
        }
        $facts = $this->place($lane)->facts;
        $at = static fn (string $clock, int $otherwise): float => $clock === '' ? $otherwise : Clock::minute($clock);
        [$opens, $shuts] = [$x(max($from, $at($facts->text('in_from'), $from))), $x(min($to, $at($facts->text('out_by'), $to)))];

        return ['opens' => is_float($opens) ? $opens : 0.0, 'shuts' => is_float($shuts) ? $shuts : 0.0];
    }

    private function place(string $id): Location
    {
        return $this->situation->setup->plan->location($id);
    }

    /**
     * Bars that overlap in time, or in their words, stand under one another.
     *
     * @param  list<string>  $lanes
     * @return array<string, array{row: array<string, int>, count: int}>
     */
    private function stacked(DayPlan $day, array $lanes, float $scale): array
    {
        $rows = [];
        foreach ($lanes as $lane) {
            $ids = array_keys(array_filter($day->tasks, static fn (DayTask $t): bool => $t->place === $lane));
            usort($ids, static fn (string $a, string $b): int => $day->startsAt($a) <=> $day->startsAt($b));
            [$row, $busy] = [[], []];
            foreach ($ids as $id) {
                $at = 0;
                while (($busy[$at] ?? -1) > $day->startsAt($id)) {
                    $at++;
                }
                $row[$id] = $at;
                // A word that its bar cannot hold stands after it.
                $words = self::across(self::short($day->tasks[$id]));
                $width = $day->tasks[$id]->task->minutes * $scale;
                $busy[$at] = $day->endsAt($id) + ($words < $width ? 0 : (int) ceil($words / $scale));
            }
            $rows[$lane] = ['row' => $row, 'count' => max(1, count($busy))];
        }

        return $rows;
    }
}
