<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Measure;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Space\ErrorEllipse;

/** A floor plan is as good as its worst corner: how far that may be off, and what to tape to know it better. */
final class CornersAreKnown extends Rule
{
    public function id(): string
    {
        return 'corners-are-known';
    }

    public function stage(): Stage
    {
        return Stage::Measure;
    }

    public function run(Situation $situation): iterable
    {
        $survey = $situation->setup->room->survey;
        if ($survey->isChain || $survey->freedom > 0) {
            return;
        }
        $worst = $survey->fit->worstPoint();
        $off = ErrorEllipse::SURE * $survey->fit->ellipse($worst)->majorM;
        $limit = $situation->limits->get('corner_watch_m');
        $next = $off > $limit ? $survey->next()[0] ?? null : null;
        yield $this->finding($off > $limit ? Severity::Watch : Severity::Holds, [
            'corner' => $survey->points[$worst], 'off' => Quantity::metres($off), 'limit' => Quantity::metres($limit),
            'next' => $next === null ? '' : $survey->pair($next), 'then' => Quantity::metres(ErrorEllipse::SURE * ($next->thenM ?? 0.0)),
        ], [$situation->setup->location->id], new Working('off = 2.45 × the larger semi-axis of the error ellipse (95 %)', [
            'standard semi-axis' => Quantity::metres($survey->fit->ellipse($worst)->majorM), 'held still' => $survey->points[0].' and the way to '.$survey->points[1],
        ], 'covariance of the least-squares fit; chi-square of two degrees'), case: $off > $limit && $next === null ? 'no-more' : null);
    }
}
