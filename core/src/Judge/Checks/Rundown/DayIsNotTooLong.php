<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rundown;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Rundown\Clock;

/** A day from leaving home to coming back that people can work, and still drive after. */
final class DayIsNotTooLong extends Rule
{
    /** Nobody should still be driving after so many hours more, or so late at night. */
    private const MORE_H = 2.0;

    private const NIGHT_MIN = 23 * 60;

    public function id(): string
    {
        return 'day-is-not-too-long';
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
        $limit = $situation->limits->get('day_hours');
        $hours = $day->timetable->ends / 60;
        $isNight = isset($day->tasks['home']) && $day->endMin() > self::NIGHT_MIN;
        $case = match (true) {
            $hours > $limit => 'fails',
            $isNight => 'night',
            default => 'holds',
        };
        yield $this->finding(
            match (true) {
                $hours > $limit + self::MORE_H => Severity::Breaks,
                $case === 'holds' => Severity::Holds,
                default => Severity::Watch,
            },
            [
                'hours' => Clock::span($day->timetable->ends),
                'limit' => Clock::span((int) round(60 * $limit)),
                'call' => Clock::said($day->callMin),
                'end' => Clock::said($day->endMin()),
            ],
            [],
            new Working('from the call to the end of the last task, the way home among them', [
                'call' => Clock::said($day->callMin), 'end' => Clock::said($day->endMin()),
            ], 'your contracts and local law may set less'),
            case: $case,
        );
    }
}
