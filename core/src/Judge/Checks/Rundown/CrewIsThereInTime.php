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

/** Whoever is at a camera is called before it is built, and stays until the recording is over. */
final class CrewIsThereInTime extends Rule
{
    public function id(): string
    {
        return 'crew-is-there-in-time';
    }

    public function stage(): Stage
    {
        return Stage::Rundown;
    }

    public function run(Situation $situation): iterable
    {
        $day = $situation->day();
        $crew = array_column(array_map(
            static fn (Record $r): array => [mb_strtolower($r->text('name')), $r], $situation->setup->plan->brief->list('crew'),
        ), 1, 0);
        $take = "take/{$situation->setup->setup->id}";
        if ($day === null || $crew === [] || ! isset($day->tasks[$take])) {
            return;
        }
        $build = "cameras/{$situation->setup->setup->id}";
        $from = $day->startsAt(isset($day->tasks[$build]) ? $build : $take);
        $to = $day->endsAt($take);
        foreach ($situation->setup->cameras as $id => $camera) {
            $who = $camera->placement->operator;
            if ($who === '') {
                continue;
            }
            $row = $crew[mb_strtolower($who)] ?? null;
            [$comes, $goes] = [$row?->text('from') ?? '', $row?->text('to') ?? ''];
            $case = match (true) {
                $row === null => 'unlisted',
                $comes !== '' && Clock::minute($comes) > $day->startsAt($take) => 'fails',
                $comes !== '' && Clock::minute($comes) > $from => 'late',
                $goes !== '' && Clock::minute($goes) < $to => 'leaves',
                default => 'holds',
            };
            yield $this->finding(
                match ($case) {
                    'holds' => Severity::Holds,
                    'unlisted', 'late' => Severity::Watch,
                    default => Severity::Breaks,
                },
                [
                    'who' => $who, 'camera' => $camera->placement->label, 'comes' => $comes, 'goes' => $goes,
                    'from' => Clock::said($from), 'begins' => Clock::said($day->startsAt($take)), 'ends' => Clock::said($to),
                ],
                [$id],
                new Working('the call of each in the crew list against the day as it is worked out', [
                    'needed' => Clock::said($from).' to '.Clock::said($to),
                ]),
                case: $case,
            );
        }
    }
}
