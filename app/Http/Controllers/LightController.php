<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ChangeRequest;
use App\Http\Where;
use App\Models\Shoot;
use App\Plans\Cards\UnreadableField;
use FineFrame\Judge\DimmerPlan;
use FineFrame\Judge\Situation;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Plan\SetupPlan;
use FineFrame\Plan\UnknownThing;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** All dimmers set for a stop and a ratio. */
final readonly class LightController
{
    public function __construct(private Desk $desk)
    {
    }

    /** @throws ValidationException if the stop or the ratio cannot be read */
    public function __invoke(ChangeRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $setup = $this->desk->setup($request, $this->desk->store->open($shoot));
        $person = Where::word($request, 'face');
        if (! isset($setup->bodies[$person])) {
            throw UnknownThing::called('person', $person);
        }
        [$stop, $ratio] = [self::number(Where::word($request, 'stop'), 0.7, 32.0), self::number(Where::word($request, 'ratio'), 1.0, 32.0)];
        $any = static fn (string $key): ?float => Where::word($request, $key) === ''
            ? null
            : self::number(Where::word($request, $key), -6.0, 8.0);
        $keep = array_filter([Where::word($request, 'keep')], static fn (string $id): bool => isset($setup->things()[$id]));
        $plan = DimmerPlan::for(new Situation($setup), $person, $stop, $ratio, $any('under'), $keep, $any('hair'));
        if ($plan->dimmers === []) {
            return $this->desk->changed($request, $shoot, 'No lamp is on.');
        }

        return $this->desk->changed(
            $request,
            $this->desk->store->commit($shoot, $request->version(), $plan->edit, 'Set the dimmers'),
            $this->said($plan, $setup, Where::word($request, 'hair') !== ''),
        );
    }

    private function said(DimmerPlan $plan, SetupPlan $setup, bool $isHair): string
    {
        $print = $this->desk->reader->print(...);
        $set = implode(', ', array_map(
            static fn (string $id, float $d): string => $setup->name($id).' to '.$print(Quantity::share($d)),
            array_keys($plan->dimmers),
            $plan->dimmers,
        ));
        $stops = static fn (float $off): string => $print(Quantity::of(abs($off), Unit::Stop));
        $comes = number_format($plan->ratio, 1).' : 1, '.$stops($plan->stopsOff).($plan->stopsOff >= 0 ? ' over' : ' under');
        if ($isHair) {
            $comes .= ', hair '.$stops($plan->hair).($plan->hair >= 0 ? ' over' : ' under').' the face';
        }
        if ($plan->under !== null) {
            $comes .= ', the background '.$stops($plan->under).($plan->under >= 0 ? ' under' : ' over').' the face';
        }

        return match (true) {
            $plan->isReached => "$set: reads $comes.",
            $plan->nearer > 0 => "$set is the closest, at $comes. For the rest, bring the key closer by "
                .round(100 * $plan->nearer)." % of its distance, or raise ISO by {$stops($plan->stopsOff)}.",
            default => "$set is the closest, at $comes. For the ratio, move a lamp, add negative fill, or bounce light back.",
        };
    }

    private static function number(string $text, float $least, float $most): float
    {
        $clean = trim(str_replace([',', 'T'], ['.', ''], $text));

        return is_numeric($clean) && (float) $clean >= $least && (float) $clean <= $most
            ? (float) $clean
            : throw ValidationException::withMessages(['dimmers' => UnreadableField::number($text)->getMessage()." From $least to $most."]);
    }
}
