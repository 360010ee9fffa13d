<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rundown;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Rundown\Clock;

/** Before each recording that has its hour, everything is checked with time in hand: what goes wrong goes wrong then. */
final class RigIsReadyInTime extends Rule
{
    public function id(): string
    {
        return 'rig-is-ready-in-time';
    }

    public function stage(): Stage
    {
        return Stage::Rundown;
    }

    public function run(Situation $situation): iterable
    {
        $day = $situation->day();
        if ($day === null || $day->late !== []) {
            return;
        }
        $wanted = $situation->limits->get('day_buffer_min');
        foreach ($day->tasks as $id => $task) {
            $check = "check/$task->of";
            if ($task->kind !== 'take' || ! isset($task->why['between']) || ! isset($day->tasks[$check])) {
                continue;
            }
            $inHand = $day->startsAt($id) - $day->endsAt($check);
            yield $this->finding(
                $inHand >= $wanted - 1e-9 ? Severity::Holds : Severity::Watch,
                [
                    'name' => $task->name,
                    'ready' => Clock::said($day->endsAt($check)),
                    'begins' => Clock::said($day->startsAt($id)),
                    'minutes' => "$inHand min",
                    'wanted' => round($wanted).' min',
                ],
                [$task->of],
                new Working('from the end of the check to the beginning of the recording', [
                    'in hand' => "$inHand min", 'wanted' => round($wanted).' min',
                ]),
            );
        }
    }
}
