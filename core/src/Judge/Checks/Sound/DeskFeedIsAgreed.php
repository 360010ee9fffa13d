<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Sound;

use FineFrame\Judge\LevelPlan;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Plan\School;

/** A feed from the house desk is asked for before the day: who gives it, by which connector, how loud, and into what. */
final class DeskFeedIsAgreed extends Rule
{
    public function id(): string
    {
        return 'desk-feed-is-agreed';
    }

    public function stage(): Stage
    {
        return Stage::Sound;
    }

    public function run(Situation $situation): iterable
    {
        $recorders = LevelPlan::byName($situation->setup->setup->list('recorders'));
        foreach ($situation->setup->setup->list('feeds') as $feed) {
            $open = array_keys(
                array_filter(
                    [
                        'who gives it' => $feed->text('who') === '',
                        'the connector' => $feed->text('connector') === '',
                        'which recorder takes it' => $feed->text('recorder') === '',
                    ],
                ),
            );
            $recorder = $recorders[mb_strtolower(trim($feed->text('recorder')))] ?? null;
            $wants = $recorder === null ? '' : ($recorder->text('connector') ?: 'XLR');
            $case = match (true) {
                $feed->text('state') !== 'agreed' => 'asked',
                $open !== [] => 'open',
                $wants !== '' && mb_strtolower($wants) !== mb_strtolower($feed->text('connector')) => 'connector',
                $feed->text('level') === 'line' && $recorder !== null && ($recorder->number('clips_dbu') ?? 4.0) < 18.0 => 'hot',
                default => null,
            };
            yield $this->finding(
                $case === null ? Severity::Holds : Severity::Watch,
                [
                    'feed' => $feed->text('name'),
                    'who' => $feed->text('who') ?: 'nobody named yet',
                    'open' => implode(', ', $open),
                    'connector' => $feed->text('connector').' to '.$wants,
                    'recorder' => $feed->text('recorder'),
                ],
                [$feed->id],
                new Working('as listed; a professional line peaks near +18 dBu', ['state' => $feed->text('state')]),
                case: $case,
            );
        }
        $asked = $situation->setup->plan->brief->schools->has(School::VenueDesk) && ! $situation->setup->isTalk();
        if ($asked && $situation->setup->setup->list('feeds') === []) {
            yield $this->finding(Severity::Watch, [], ['feeds'], new Working('the school records by the house desk', []), case: 'none');
        }
    }
}
