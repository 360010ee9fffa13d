<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rundown;

use FineFrame\Document\Record;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Rundown\Clock;

/** Between the end of one day and the call of the next lie hours enough to sleep. */
final class CrewRestsOvernight extends Rule
{
    public function id(): string
    {
        return 'crew-rests-overnight';
    }

    public function stage(): Stage
    {
        return Stage::Rundown;
    }

    public function run(Situation $situation): iterable
    {
        $days = array_values(array_filter(
            $situation->setup->plan->brief->list('days'),
            static fn (Record $d): bool => $d->text('date') !== '' && $d->text('from') !== '' && $d->text('to') !== '',
        ));
        usort($days, static fn (Record $a, Record $b): int => $a->text('date').$a->text('from') <=> $b->text('date').$b->text('from'));
        $limit = $situation->limits->get('rest_hours');
        foreach ($days as $i => $day) {
            $next = $days[$i + 1] ?? null;
            if ($next === null || $next->text('date') === $day->text('date')) {
                continue;
            }
            $over = Clock::minute($day->text('to')) <= Clock::minute($day->text('from')) ? Clock::DAY_MIN : 0;
            $apart = self::daysApart($day->text('date'), $next->text('date'));
            $rest = $apart * Clock::DAY_MIN + Clock::minute($next->text('from')) - Clock::minute($day->text('to')) - $over;
            yield $this->finding(
                $rest >= 60 * $limit - 1e-9 ? Severity::Holds : Severity::Watch,
                [
                    'day' => $day->text('name'), 'next' => $next->text('name'),
                    'rest' => Clock::span($rest), 'limit' => Clock::span((int) (60 * $limit)),
                ],
                [$day->id],
                new Working('from the end of what is recorded to its beginning; strike, drive and build come off that', [
                    'rest' => Clock::span($rest),
                ]),
            );
        }
    }

    private static function daysApart(string $from, string $to): int
    {
        return (int) (new \DateTimeImmutable($from))->diff(new \DateTimeImmutable($to))->days;
    }
}
