<?php

declare(strict_types=1);

namespace App\View;

use App\Instruments\PlaceClock;
use FineFrame\Judge\DayPlan;
use FineFrame\Judge\PlanB;
use FineFrame\Judge\Situation;
use FineFrame\Rundown\Clock;

/** The day as it goes: what is ticked is done, and the rest follows anew from now. */
final readonly class TodayDesk
{
    public ?DayPlan $plan;

    /** Minutes of the clock now; null on another day, where nobody tries one. */
    public ?int $now;

    /** What is left, from now on; null before and after. */
    public ?DayPlan $rest;

    /** @var list<string> */
    public array $done;

    /**
     * @param  array<string, array{on: bool, who: string, at: float, why: string}>  $ticks
     * @param  string  $tried  a clock time to look at, as if it were then
     */
    public function __construct(private Situation $situation, array $ticks, PlaceClock $clock, string $tried)
    {
        $this->plan = $situation->day();
        $stamp = $clock->stamp($situation->setup->location);
        $isTried = preg_match('/^([01]?\d|2[0-3]):[0-5]\d$/', $tried) === 1;
        $at = match (true) {
            $isTried => $tried,
            $stamp['taken_on'] === $this->plan?->date => $stamp['taken_at'],
            default => null,
        };
        $this->now = $at === null ? null : Clock::minute($at);
        $this->done = array_values(array_filter(
            array_map(strval(...), array_keys($this->plan->tasks ?? [])),
            fn (string $id): bool => $ticks[$this->item($id)]['on'] ?? false,
        ));
        $this->rest = $this->now === null ? null : $this->plan?->from($this->now, $this->done);
    }

    /** How a task is called in the log. */
    public function item(string $id): string
    {
        return "task/{$this->plan?->date}/$id";
    }

    /**
     * @return list<array{id: string, item: string, name: string, planned: string, begins: string, ends: string, shift: string, isDone: bool,
     *     isLate: bool}> in the order in which they now follow
     */
    public function rows(DayPlan $plan): array
    {
        $rest = $this->rest;
        $rows = [];
        foreach ($plan->tasks as $id => $task) {
            $isLeft = $rest !== null && isset($rest->tasks[$id]);
            $begins = $isLeft ? min($rest->startsAt($id), max($plan->startsAt($id), $rest->startsAt($id))) : $plan->startsAt($id);
            $ends = $isLeft ? $rest->endsAt($id) : $plan->endsAt($id);
            $shift = $ends - $plan->endsAt($id);
            $rows[] = [
                'id' => $id,
                'item' => $this->item($id),
                'name' => DayDesk::called($task),
                'planned' => Clock::said($plan->startsAt($id)).'–'.Clock::said($plan->endsAt($id)),
                'begins' => Clock::said($begins),
                'ends' => Clock::said($ends),
                'shift' => match (true) {
                    ! $isLeft || $shift === 0 => '',
                    $shift > 0 => "$shift min later",
                    default => -$shift.' min sooner',
                },
                'isDone' => in_array($id, $this->done, true),
                'isLate' => $isLeft && in_array($id, $rest->late, true),
                'order' => $begins,
            ];
        }
        $when = static fn (array $row): array => [! $row['isDone'], $row['order'], $row['ends']];
        usort($rows, static fn (array $a, array $b): int => $when($a) <=> $when($b));

        return $rows;
    }

    /** @return list<array{key: string, says: string, until: string, ends: string}> what makes the rest fit again, and until when it does */
    public function plansB(): array
    {
        return array_map(fn (PlanB $b): array => [
            'key' => $b->key(),
            'says' => self::says($b, $this->plan),
            'until' => Clock::said($b->until),
            'ends' => Clock::said($b->day->endMin()),
        ], $this->rest === null ? [] : PlanB::all($this->rest));
    }

    public static function says(PlanB $b, ?DayPlan $plan): string
    {
        $name = static fn (string $id): string => isset($plan->tasks[$id]) ? DayDesk::called($plan->tasks[$id]) : $id;
        $parts = array_map(static fn (string $id): string => 'without '.$name($id), $b->off);
        foreach ($b->minutes as $id => $minutes) {
            $parts[] = $name($id)." in $minutes min";
        }
        foreach ($b->later as $id => $by) {
            $parts[] = $name($id)." $by min later";
        }

        return implode(', ', $parts);
    }

    public function title(): string
    {
        return $this->situation->setup->plan->shoot->title;
    }
}
