<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rig;

use FineFrame\Judge\Finding;
use FineFrame\Judge\Mend;
use FineFrame\Judge\PowerPlan;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Power\Load;

/** What hangs on a breaker, with what was on it before, stays within what continuous load may take of it. */
final class CircuitCarriesItsLoads extends Rule
{
    public function id(): string
    {
        return 'circuit-carries-its-loads';
    }

    public function stage(): Stage
    {
        return Stage::Rig;
    }

    public function run(Situation $situation): iterable
    {
        $power = $situation->power();
        foreach ($power->breakers as $id => $breaker) {
            if ($power->loadsOn($id) !== []) {
                yield $this->judged($power, $id);
            }
        }
    }

    private function judged(PowerPlan $power, string $id): Finding
    {
        $breaker = $power->breakers[$id];
        $amps = $power->ampsOn($id);
        $case = match (true) {
            $amps > $breaker->amps + 1e-9 => 'trips',
            $amps > $breaker->limitA() + 1e-9 => 'over',
            in_array($id, $power->unsure, true) => 'unsure',
            default => 'holds',
        };
        $loads = $power->loadsOn($id);

        return $this->finding(
            match ($case) {
                'holds' => Severity::Holds,
                'unsure' => Severity::Watch,
                default => Severity::Breaks,
            },
            [
                'circuit' => $power->names[$id],
                'loads' => implode(', ', array_map(static fn (Load $l): string => $power->names[$l->id], $loads)),
                'amps' => Quantity::of($amps, Unit::Ampere),
                'limit' => Quantity::of($breaker->limitA(), Unit::Ampere),
                'breaker' => Quantity::of($breaker->amps, Unit::Ampere),
                'spare' => Quantity::of(max(0.0, $breaker->limitA() - $amps), Unit::Ampere),
            ],
            [$id],
            new Working(
                'Σ W ÷ (V · power factor) + what is on it already ≤ breaker · share for continuous load',
                [
                    'on it already' => Quantity::of($breaker->alreadyA, Unit::Ampere),
                    'breaker' => Quantity::of($breaker->amps, Unit::Ampere),
                    'share' => Quantity::share($breaker->share),
                ] + array_combine(
                    array_map(static fn (Load $l): string => $power->names[$l->id], $loads),
                    array_map(static fn (Load $l): Quantity => Quantity::of($l->ampsAt($breaker->volts), Unit::Ampere), $loads),
                ),
                '80 % for continuous load is a rule of some codes; yours decides. Distribution and tie-ins: licensed people only',
            ),
            $case === 'trips' || $case === 'over' ? fn (): array => $this->ideas($power, $id) : [],
            $case,
        );
    }

    /** @return list<Mend> one load elsewhere, the smallest that does it first; else all shared out anew */
    private function ideas(PowerPlan $power, string $id): array
    {
        $loads = $power->loadsOn($id);
        uasort($loads, static fn (Load $a, Load $b): int => $a->watts <=> $b->watts);
        $mends = [];
        foreach ($loads as $load) {
            foreach (array_diff(array_keys($power->breakers), [$id]) as $other) {
                $mends[] = new Mend(
                    'plug-into',
                    ['thing' => $power->names[$load->id], 'circuit' => $power->names[$other]],
                    $power->plugged([$load->id => $other] + $power->on),
                );
            }
        }
        $shared = $power->solved(true);

        return $shared === null ? $mends : [...$mends, new Mend('share-out', [], $shared)];
    }
}
