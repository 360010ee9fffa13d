<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rundown;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;

/** What is played, with its gaps, goes into the hours that are recorded; twice through is better than once. */
final class SetFitsItsHours extends Rule
{
    /** Once for the performance, once for the cutaways or for what went wrong. */
    private const TWICE = 2;

    public function id(): string
    {
        return 'set-fits-its-hours';
    }

    public function stage(): Stage
    {
        return Stage::Rundown;
    }

    public function run(Situation $situation): iterable
    {
        $set = $situation->song()->set();
        $minutes = $situation->setup->hours()->lengthMin();
        if ($set === null || $minutes === null) {
            return;
        }
        $times = (int) floor($minutes / max(0.1, $set->endS / 60) + 1e-9);
        $case = match (true) {
            $times < 1 => 'fails',
            $times < self::TWICE => 'once',
            default => 'holds',
        };
        yield $this->finding(
            match ($case) {
                'holds' => Severity::Holds,
                'once' => Severity::Watch,
                default => Severity::Breaks,
            },
            ['set' => round($set->endS / 60).' min', 'hours' => round($minutes).' min', 'times' => (string) $times],
            [$situation->setup->setup->id],
            new Working('songs with their gaps, into the hours of the recording', ['songs' => (string) count($set->songs)]),
            case: $case,
        );
    }
}
