<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Measure;

use FineFrame\Judge\Finding;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Space\ErrorEllipse;
use FineFrame\Space\PlacedRoom;

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
        foreach ($situation->setup->room->all as $room) {
            if (! $room->taped->survey->isChain && $room->taped->survey->freedom === 0) {
                yield $this->worst($situation, $room);
            }
        }
    }

    private function worst(Situation $situation, PlacedRoom $room): Finding
    {
        $survey = $room->taped->survey;
        $worst = $survey->fit->worstPoint();
        $off = ErrorEllipse::SURE * $survey->fit->ellipse($worst)->majorM;
        $limit = $situation->limits->get('corner_watch_m');
        $next = $off > $limit ? $survey->next()[0] ?? null : null;

        return $this->finding($off > $limit ? Severity::Watch : Severity::Holds, [
            'room' => $room->name,
            'corner' => $survey->points[$worst],
            'off' => Quantity::metres($off),
            'limit' => Quantity::metres($limit),
            'next' => $next === null ? '' : $survey->pair($next), 'then' => Quantity::metres(ErrorEllipse::SURE * ($next->thenM ?? 0.0)),
        ], [$situation->setup->location->id], new Working('off = 2.45 × the larger semi-axis of the error ellipse (95 %)', [
            'standard semi-axis' => Quantity::metres($survey->fit->ellipse($worst)->majorM),
            'held still' => $survey->points[0].' and the way to '.$survey->points[1],
        ], 'covariance of the least-squares fit; chi-square of two degrees'), case: $off > $limit && $next === null ? 'no-more' : null);
    }
}
