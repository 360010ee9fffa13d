<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Sound;

use FineFrame\Camera\Camera;
use FineFrame\Document\Record;
use FineFrame\Judge\LevelPlan;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Plan\Question;
use FineFrame\Plan\School;

/**
 * Who guards the levels, by the school (D-12): somebody who only listens, a recording wide enough to leave alone, or glances with a second
 * track 10 dB lower.
 */
final class SomebodyListens extends Rule
{
    public function id(): string
    {
        return 'somebody-listens';
    }

    public function stage(): Stage
    {
        return Stage::Sound;
    }

    public function run(Situation $situation): iterable
    {
        $school = $situation->setup->plan->brief->schools->of(Question::Levels);
        $tracks = $situation->setup->setup->list('tracks');
        if ($tracks === []) {
            return;
        }
        // Who is at a camera, by name or as “whoever is at A”, has eyes for the picture.
        $busy = array_merge(
            [],
            ...array_values(
                array_map(
                    static fn (Camera $c): array => [
                        mb_strtolower($c->placement->operator),
                        'camera',
                        mb_strtolower("at {$c->placement->label}"),
                    ],
                    $situation->setup->cameras,
                ),
            ),
        );
        $atACamera = static fn (string $who): bool => array_filter(
            $busy,
            static fn (string $word): bool => $word !== '' && preg_match('/\b'.preg_quote($word, '/').'\b/u', $who) === 1,
        ) !== [];
        $recorders = LevelPlan::byName($situation->setup->setup->list('recorders'));
        $listens = array_filter(
            array_map(static fn (Record $r): string => mb_strtolower($r->text('watched_by')), [...$tracks, ...array_values($recorders)]),
            static fn (string $who): bool => $who !== '' && ! $atACamera($who),
        );
        $narrow = array_filter(
            $tracks,
            static fn (Record $t): bool => ! $t->flag('float') && ! (
                ($recorders[mb_strtolower(trim($t->text('recorder')))] ?? null)?->flag('float')
                ?? false
            ),
        );
        $case = match (true) {
            $school === School::PersonListens && $listens === [] => 'nobody',
            $school === School::WideRange && count($narrow) === count($tracks) => 'narrow',
            $school === School::Glances && $narrow !== [] => 'lower',
            default => null,
        };
        yield $this->finding(
            $case === null || $case === 'lower' ? Severity::Holds : Severity::Watch,
            ['count' => (string) count($narrow)],
            ['levels'],
            new Working(
                'as the school has it',
                ['school' => $school->word(), 'not float' => (string) count($narrow), 'of' => (string) count($tracks)],
            ),
            case: $case,
        );
    }
}
