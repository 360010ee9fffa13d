<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rundown;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;

/** Nobody talks well for longer than this at a stretch; cards and packs are changed in the break. */
final class TalkHasBreaks extends Rule
{
    public function id(): string
    {
        return 'talk-has-breaks';
    }

    public function stage(): Stage
    {
        return Stage::Rundown;
    }

    public function run(Situation $situation): iterable
    {
        if (! $situation->setup->isTalk() || $situation->setup->setup->list('progress') === []) {
            return;
        }
        [$run, $longest, $from] = [0.0, 0.0, ''];
        $since = '';
        foreach ($situation->setup->setup->list('progress') as $part) {
            [$run, $since] = $run === 0.0 || $part->flag('break_before') ? [0.0, $part->text('name')] : [$run, $since];
            $run += $part->number('minutes') ?? 0.0;
            [$longest, $from] = $run > $longest ? [$run, $since] : [$longest, $from];
        }
        $limit = $situation->limits->get('talk_run_min');
        yield $this->finding(
            $longest <= $limit + 1e-9 ? Severity::Holds : Severity::Watch,
            ['minutes' => round($longest).' min', 'from' => $from, 'limit' => round($limit).' min'],
            [$situation->setup->setup->id],
            new Working('the longest stretch of parts without a break before them', ['longest' => round($longest).' min']),
        );
    }
}
