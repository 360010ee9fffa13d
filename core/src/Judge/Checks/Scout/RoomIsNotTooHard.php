<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Scout;

use FineFrame\Judge\PlaceRule;
use FineFrame\Judge\PlaceView;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Space\CeilingKind;

/** Hard walls ring: how long by the surfaces, and how much cloth would tame them. For talk; music may want more. */
final class RoomIsNotTooHard extends PlaceRule
{
    public function id(): string
    {
        return 'room-is-not-too-hard';
    }

    public function look(PlaceView $view): iterable
    {
        $sound = $view->sound();
        if (! $view->place->space->surfaces->isKnown() || $view->place->space->ceiling->kind === CeilingKind::None) {
            return;
        }
        $time = $sound->speechTime();
        $factor = $view->plan->brief->kind->isTalk() ? 1.0 : 2.0;
        [$watch, $breaks] = [$factor * $view->limits->get('echo_watch_s'), $factor * $view->limits->get('echo_break_s')];
        yield $this->finding(Severity::above($time, $watch, $breaks), [
            'time' => Quantity::of($time, Unit::Second), 'limit' => Quantity::of($watch, Unit::Second), 'cloth' => Quantity::of($sound->blanketsFor($watch), Unit::SquareMetre), 'volume' => Quantity::of($sound->volumeM3, Unit::CubicMetre),
        ], [$view->place->id], new Working('T = 0.161·V/A, mean of 500, 1000 and 2000 Hz', [
            'V' => Quantity::of($sound->volumeM3, Unit::CubicMetre), '500 Hz' => Quantity::of($sound->time(2), Unit::Second), '1000 Hz' => Quantity::of($sound->time(3), Unit::Second), '2000 Hz' => Quantity::of($sound->time(4), Unit::Second),
        ], 'Sabine; Eyring where more than a fifth is absorbed. Bare surfaces: furniture and people take some away'));
    }
}
