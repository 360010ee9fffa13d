<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rundown;

use FineFrame\Document\Record;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;

/** What is to be asked goes into the hours, with time for answers that run on. */
final class TalkFitsItsHours extends Rule
{
    /** Good answers take a quarter longer than planned. Ours. */
    private const RUNS_ON = 1.25;

    public function id(): string
    {
        return 'talk-fits-its-hours';
    }

    public function stage(): Stage
    {
        return Stage::Rundown;
    }

    public function run(Situation $situation): iterable
    {
        $parts = $situation->setup->isTalk() ? $situation->setup->setup->list('progress') : [];
        $hours = $situation->setup->hours()->lengthMin();
        if ($parts === [] || $hours === null) {
            return;
        }
        $talk = array_sum(array_map(static fn (Record $p): float => $p->number('minutes') ?? 0.0, $parts));
        $case = match (true) {
            $talk > $hours + 1e-9 => 'fails',
            $talk * self::RUNS_ON > $hours + 1e-9 => 'tight',
            default => 'holds',
        };
        yield $this->finding(
            match ($case) {
                'holds' => Severity::Holds,
                'tight' => Severity::Watch,
                default => Severity::Breaks,
            },
            ['talk' => round($talk).' min', 'hours' => round($hours).' min', 'parts' => (string) count($parts)],
            [$situation->setup->setup->id],
            new Working('minutes of all parts against the hours; a quarter more for answers that run on', ['parts' => round($talk).' min']),
            case: $case,
        );
    }
}
