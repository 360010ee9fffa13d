<?php

declare(strict_types=1);

namespace App\View;

use FineFrame\Judge\DayPlan;
use FineFrame\Judge\DayTask;
use FineFrame\Judge\Situation;
use FineFrame\Plan\Location;
use FineFrame\Rundown\Clock;
use Illuminate\Support\Str;

/** The day on one clock: tasks as bars on a lane for each place, and as rows to be corrected. */
final readonly class DayDesk
{
    /** The drawing: a lane’s height, room for its name, and a minute across. */
    private const LANE = 58.0;

    private const LEFT = 96.0;

    private const MINUTE = 1.9;

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
     * @return array{width: float, height: float, hours: list<array{x: float, words: string}>, lanes: list<array{y: float, name: string,
     *     opens: float, shuts: float}>, bars: list<array{id: string, x: float, y: float, width: float, height: float, tail: float,
     *     words: string, title: string, class: string}>}
     */
    public function drawing(DayPlan $day): array
    {
        $lanes = array_values(array_unique(array_map(static fn (DayTask $t): string => $t->place, $day->tasks)));
        sort($lanes);
        $rows = $this->stacked($day, $lanes);
        $from = intdiv($day->callMin, 60) * 60;
        $to = (intdiv(max(1, $day->endMin()) - 1, 60) + 1) * 60;
        $x = static fn (float $minute): float => self::LEFT + ($minute - $from) * self::MINUTE;
        [$bars, $tops, $top] = [[], [], self::TOP];
        foreach ($lanes as $lane) {
            $tops[$lane] = $top;
            $top += max(self::LANE, ($rows[$lane]['count'] ?? 1) * (self::BAR + 4) + 12);
        }
        foreach ($day->tasks as $id => $task) {
            $at = $x($day->startsAt($id));
            $width = max(3.0, $task->task->minutes * self::MINUTE);
            $words = self::called($task);
            $short = self::short($task);
            $bars[] = [
                'id' => $id,
                'x' => $at,
                'y' => $tops[$task->place] + 6 + $rows[$task->place]['row'][$id] * (self::BAR + 4),
                'width' => $width,
                'height' => self::BAR,
                'tail' => $day->slackMin($id) * self::MINUTE,
                'words' => self::LETTER * mb_strlen($short) < $width - 6 ? $short : '',
                'title' => $words.', '.Clock::said($day->startsAt($id)).' to '.Clock::said($day->endsAt($id)),
                'class' => implode(' ', array_filter([
                    'task',
                    "task-$task->kind",
                    in_array($id, $day->late, true) ? 'is-late' : '',
                    isset($task->why['between']) ? 'is-set' : '',
                ])),
            ];
        }

        return [
            'width' => $x($to) + 10,
            'height' => $top + 4,
            'hours' => array_map(static fn (int $h): array => ['x' => $x($h), 'words' => Clock::said($h)], range($from, $to, 60)),
            'lanes' => array_map(fn (string $lane): array => [
                'y' => $tops[$lane], 'name' => $this->lane($lane),
            ] + $this->open($lane, $x, $from, $to), $lanes),
            'bars' => $bars,
        ];
    }

    public static function called(DayTask $task): string
    {
        $words = __("rundown.tasks.$task->kind", ['name' => $task->name]);

        return is_string($words) ? trim($words) : $task->kind;
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
     * Bars that overlap in time stand under one another.
     *
     * @param  list<string>  $lanes
     * @return array<string, array{row: array<string, int>, count: int}>
     */
    private function stacked(DayPlan $day, array $lanes): array
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
                $busy[$at] = $day->endsAt($id);
            }
            $rows[$lane] = ['row' => $row, 'count' => max(1, count($busy))];
        }

        return $rows;
    }
}
