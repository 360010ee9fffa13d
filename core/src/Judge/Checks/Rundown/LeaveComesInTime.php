<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rundown;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;

/** What has been asked for is answered before the day, with time to do something about a no. */
final class LeaveComesInTime extends Rule
{
    /** To find another way. Ours. */
    private const DAYS = 3;

    public function id(): string
    {
        return 'leave-comes-in-time';
    }

    public function stage(): Stage
    {
        return Stage::Rundown;
    }

    public function run(Situation $situation): iterable
    {
        $date = $situation->setup->hours()->date;
        foreach ($date === '' ? [] : $situation->setup->location->list('askings') as $asking) {
            $due = $asking->text('due');
            if ($due === '' || in_array($asking->text('state'), ['agreed', 'refused'], true)) {
                continue;
            }
            $days = (int) (new \DateTimeImmutable($due))->diff(new \DateTimeImmutable($date))->format('%r%a');
            $case = match (true) {
                $days <= 0 => 'fails',
                $days < self::DAYS => 'late',
                default => 'holds',
            };
            yield $this->finding(
                match ($case) {
                    'holds' => Severity::Holds,
                    'late' => Severity::Watch,
                    default => Severity::Breaks,
                },
                [
                    'what' => $asking->text('name') ?: $asking->text('about'), 'due' => $due,
                    'who' => $asking->text('who') ?: 'nobody named yet',
                ],
                [$situation->setup->location->id, $asking->id],
                new Working('days from the answer to the day', ['days' => (string) $days]),
                case: $case,
            );
        }
    }
}
