<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rundown;

use FineFrame\Judge\DayTasks;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Rundown\Clock;

/** Everything of the day fits: takes into the hours set for them, all else into the hours of the place, with the hands that there are. */
final class TasksKeepTheirHours extends Rule
{
    public function id(): string
    {
        return 'tasks-keep-their-hours';
    }

    public function stage(): Stage
    {
        return Stage::Rundown;
    }

    public function run(Situation $situation): iterable
    {
        $day = $situation->day();
        if ($day === null) {
            return;
        }
        $working = new Working('each task as early as what it waits for, its hours and hands allow; the order that ends soonest', [
            'tasks' => (string) count($day->tasks),
            'hands' => (string) $day->hands,
            'no order ends sooner than' => Clock::said($day->callMin + $day->timetable->least),
        ], 'typical times, or as you typed them; past days tell better');
        foreach ($day->late as $id) {
            $task = $day->tasks[$id];
            $windows = $task->task->windows;
            $shuts = $windows === [] ? 0 : max(array_column($windows, 1));
            $opens = $windows === [] ? 0 : min(array_column($windows, 0));
            yield $this->finding(
                Severity::Breaks,
                [
                    'kind' => $task->kind,
                    'name' => $task->name,
                    'begins' => Clock::said($day->startsAt($id)),
                    'ends' => Clock::said($day->endsAt($id)),
                    'from' => Clock::said($opens),
                    'to' => $shuts >= DayTasks::OPEN_MIN ? 'open' : Clock::said($shuts),
                ],
                $task->of === '' ? [] : [$task->of],
                $working,
                case: $task->kind === 'take' ? 'take' : null,
            );
        }
        if ($day->late === []) {
            yield $this->finding(
                Severity::Holds,
                ['call' => Clock::said($day->callMin), 'end' => Clock::said($day->endMin())],
                [],
                $working,
            );
        }
    }
}
