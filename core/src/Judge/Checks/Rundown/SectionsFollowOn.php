<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rundown;

use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;

/** One section begins where the last one ended, and bars at their tempo last as long as the clock says. */
final class SectionsFollowOn extends Rule
{
    /** What a count by hand is off by. */
    private const NEAR_S = 0.5;

    public function id(): string
    {
        return 'sections-follow-on';
    }

    public function stage(): Stage
    {
        return Stage::Rundown;
    }

    public function run(Situation $situation): iterable
    {
        $song = $situation->song();
        foreach ($song->sections as $i => $section) {
            $next = $song->sections[$i + 1] ?? null;
            [$ends, $begins] = [$section->number('to_s'), $next?->number('from_s')];
            if ($next === null || $begins === null) {
                continue;
            }
            $off = $ends === null ? 0.0 : $begins - $ends;
            $byTempo = $song->lengthByTempo($i);
            $length = $begins - ($section->number('from_s') ?? 0.0);
            $case = match (true) {
                $off < -self::NEAR_S => 'overlaps',
                $off > self::NEAR_S => 'hole',
                $byTempo !== null && abs($byTempo - $length) > self::NEAR_S => 'tempo',
                $byTempo === null => 'timed',
                default => 'holds',
            };
            yield $this->finding(
                in_array($case, ['holds', 'timed'], true) ? Severity::Holds : Severity::Watch,
                [
                    'section' => $section->text('name'),
                    'next' => $next->text('name'),
                    'off' => round(abs($off), 1).' s',
                    'length' => round($length, 1).' s',
                    'tempo' => round($byTempo ?? $length, 1).' s',
                ],
                [$section->id],
                new Working('from the beginning of one to that of the next; bars by metre and tempo', ['off by' => round($off, 2).' s']),
                fn (): array => $case !== 'overlaps' && $case !== 'hole' ? [] : [new Mend(
                    'end-with',
                    ['thing' => $section->text('name'), 'next' => $next->text('name')],
                    $situation->edit("sections/$section->id", ['to_s' => $begins]),
                )],
                $case,
            );
        }
    }
}
