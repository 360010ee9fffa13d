<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Scout;

use FineFrame\Document\Record;
use FineFrame\Judge\PlaceRule;
use FineFrame\Judge\PlaceView;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;

/** The circuits that were found carry the lamps that are planned. Anything but plugging in is for licensed people. */
final class PowerCarriesTheLamps extends PlaceRule
{
    private const USUAL_VOLTS = 230.0;

    public function id(): string
    {
        return 'power-carries-the-lamps';
    }

    public function look(PlaceView $view): iterable
    {
        $watts = $view->watts();
        $circuits = array_values(array_filter($view->place->list('circuits'), static fn (Record $c): bool => $c->number('breaker_a') !== null && $c->text('ours') !== 'no'));
        if ($watts <= 0 || $view->place->list('circuits') === []) {
            return;
        }
        $share = $view->limits->get('power_share');
        $free = 0.0;
        foreach ($circuits as $circuit) {
            $free += max(0.0, ($circuit->number('breaker_a') ?? 0.0) * $share - ($circuit->number('already_a') ?? 0.0)) * ($circuit->number('volts') ?? self::USUAL_VOLTS);
        }
        $unsure = array_filter($circuits, static fn (Record $c): bool => $c->text('ours') === 'unknown' || $c->number('already_a') === null);
        yield $this->finding($free < $watts ? Severity::Breaks : ($unsure !== [] ? Severity::Watch : Severity::Holds), [
            'watts' => Quantity::of($watts, Unit::Watt), 'free' => Quantity::of($free, Unit::Watt), 'share' => Quantity::share($share), 'unsure' => implode(', ', array_map(static fn (Record $c): string => $c->text('name'), $unsure)),
        ], [$view->place->id], new Working('free = Σ (breaker × share − already drawn) × volts', [
            'planned lamps' => Quantity::of($watts, Unit::Watt), 'share of a breaker' => Quantity::share($share), 'free' => Quantity::of($free, Unit::Watt),
        ], '80 % for continuous load is a rule of some codes; yours decides. Distribution and tie-ins: licensed people only'), case: $free < $watts ? 'fails' : ($unsure !== [] ? 'unsure' : 'holds'));
    }
}
