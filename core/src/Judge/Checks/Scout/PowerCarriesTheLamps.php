<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Scout;

use FineFrame\Judge\PlaceRule;
use FineFrame\Judge\PlaceView;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Scout\Circuits;

/** The circuits that were found carry the lamps that are planned. Anything but plugging in is for licensed people. */
final class PowerCarriesTheLamps extends PlaceRule
{
    public function id(): string
    {
        return 'power-carries-the-lamps';
    }

    public function look(PlaceView $view): iterable
    {
        $loads = $view->loads();
        $watts = array_sum(array_column($loads, 1));
        if ($watts <= 0 || $view->place->list('circuits') === []) {
            return;
        }
        $share = $view->limits->get('power_share');
        $circuits = Circuits::among($view->place->list('circuits'), $share);
        $parting = $circuits->part($loads);
        [$severity, $case] = match (true) {
            $parting->tooLarge !== '' && $circuits->freeW !== [] => [Severity::Breaks, 'too-large'],
            $parting->isOpen => [Severity::Watch, 'tight'],
            $parting->on === null => [Severity::Breaks, $circuits->totalW() < $watts ? 'fails' : 'parts'],
            $circuits->unsure !== [] => [Severity::Watch, 'unsure'],
            default => [Severity::Holds, 'holds'],
        };
        yield $this->finding($severity, [
            'watts' => Quantity::of($watts, Unit::Watt),
            'free' => Quantity::of($circuits->totalW(), Unit::Watt),
            'largest' => Quantity::of($circuits->largestW(), Unit::Watt),
            'share' => Quantity::share($share),
            'unsure' => implode(', ', $circuits->unsure),
            'parted' => $parting->told(),
            'lamp' => $parting->tooLarge,
            'takes' => Quantity::of($parting->tooLargeW, Unit::Watt),
        ], [
            $view->place->id,
        ], new Working('each lamp on one circuit; on each circuit Σ watts ≤ (breaker × share − already drawn) × volts', [
            'planned lamps on the mains' => Quantity::of($watts, Unit::Watt),
            'share of a breaker' => Quantity::share($share),
            'free' => Quantity::of($circuits->totalW(), Unit::Watt),
            'free on one' => Quantity::of($circuits->largestW(), Unit::Watt),
        ], '80 % for continuous load is a rule of some codes; yours decides. Distribution and tie-ins: licensed people only'), case: $case);
    }
}
