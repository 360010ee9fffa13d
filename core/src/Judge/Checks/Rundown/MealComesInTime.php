<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rundown;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Rundown\Clock;

/** Nobody works longer than so many hours without a meal. */
final class MealComesInTime extends Rule
{
    public function id(): string
    {
        return 'meal-comes-in-time';
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
        $limit = 60 * $situation->limits->get('meal_hours');
        $meal = isset($day->tasks['meal']) ? $day->startsAt('meal') : null;
        $longest = $meal === null
            ? $day->endMin() - $day->callMin
            : max($meal - $day->callMin, $day->endMin() - $day->endsAt('meal'));
        $case = match (true) {
            $longest <= $limit + 1e-9 => $meal === null ? 'short' : 'holds',
            $meal === null => 'none',
            default => 'fails',
        };
        yield $this->finding(
            in_array($case, ['holds', 'short'], true) ? Severity::Holds : Severity::Watch,
            [
                'meal' => $meal === null ? 'none' : Clock::said($meal),
                'longest' => Clock::span($longest),
                'limit' => Clock::span((int) $limit),
                'call' => Clock::said($day->callMin), 'end' => Clock::said($day->endMin()),
            ],
            [$situation->setup->setup->id],
            new Working('from the call to the meal, and from the meal to the end', [
                'longest' => Clock::span($longest),
            ], 'usual crew terms'),
            case: $case,
        );
    }
}
