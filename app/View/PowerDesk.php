<?php

declare(strict_types=1);

namespace App\View;

use FineFrame\Judge\Cells;
use FineFrame\Judge\Extensions;
use FineFrame\Judge\MainsRun;
use FineFrame\Judge\PowerPlan;
use FineFrame\Judge\Situation;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Power\Load;

/** Breakers with what hangs on them, and loads with the breaker that each is on. */
final readonly class PowerDesk
{
    private PowerPlan $power;

    public function __construct(private Situation $situation, private Reader $reader)
    {
        $this->power = $situation->power();
    }

    /**
     * @return list<array{name: string, breaker: string, limit: string, already: string, loads: string, amps: string, share: float, isOver: bool, isUnsure: bool}>
     */
    public function circuits(): array
    {
        $amps = fn (float $a): string => $this->reader->print(Quantity::of($a, Unit::Ampere));

        return array_values(array_map(fn ($breaker): array => [
            'name' => $this->power->names[$breaker->id],
            'breaker' => $amps($breaker->amps).', '.round($breaker->volts).' V',
            'limit' => $amps($breaker->limitA()),
            'already' => $amps($breaker->alreadyA),
            'loads' => implode(', ', array_map(
                fn (Load $l): string => $this->power->names[$l->id].' '.$amps($l->ampsAt($breaker->volts)),
                $this->power->loadsOn($breaker->id),
            )) ?: 'nothing of ours',
            'amps' => $amps($this->power->ampsOn($breaker->id)),
            'share' => $this->power->ampsOn($breaker->id) / $breaker->amps,
            'isOver' => $this->power->ampsOn($breaker->id) > $breaker->limitA() + 1e-9,
            'isUnsure' => in_array($breaker->id, $this->power->unsure, true),
        ], $this->power->breakers));
    }

    /** @return list<array{id: string, name: string, watts: string, kind: string, on: string}> the largest first */
    public function loads(): array
    {
        $loads = $this->power->loads;
        uasort($loads, static fn (Load $a, Load $b): int => $b->watts <=> $a->watts);

        return array_values(array_map(fn (Load $l): array => [
            'id' => $l->id,
            'name' => $this->power->names[$l->id],
            'watts' => $this->reader->print(Quantity::of($l->watts, Unit::Watt)),
            'kind' => $l->class === 'lamp' || $l->class === 'other' ? '' : $l->class,
            'on' => $this->power->on[$l->id] ?? '',
        ], $loads));
    }

    /** @return list<array{name: string, outlet: string, length: string, by: string, lost: string, doors: string}> mains cables as they are laid */
    public function runs(): array
    {
        $names = fn (array $ids, string $how): string => $ids === []
            ? ''
            : $how.implode(', ', array_map($this->situation->name(...), $ids));

        $made = Extensions::of($this->situation)->by;

        return array_map(fn (MainsRun $r): array => [
            'name' => $this->situation->name($r->thing),
            'outlet' => $this->situation->name($r->outlet),
            'length' => $this->reader->metres($r->lengthM),
            'by' => implode(' + ', array_map($this->reader->metres(...), $made[$r->thing] ?? [])) ?: 'none yet',
            'lost' => $this->reader->print(Quantity::share($r->dropShare)),
            'doors' => implode('; ', array_filter([$names($r->crossed, 'crosses the way to '), $names($r->over, 'over ')])) ?: 'clear of doors',
        ], $this->situation->mains());
    }

    /** @return list<array{devices: string, plate: string, draws: string, packs: string, swaps: string, until: string, full: string}> */
    public function cells(): array
    {
        return array_map(function (Cells $c): array {
            $full = $c->fullAfterH();

            return [
                'devices' => implode(', ', array_map($this->situation->name(...), array_map(strval(...), array_keys($c->devices)))),
                'plate' => $c->plate,
                'draws' => $this->reader->print(Quantity::of(array_sum($c->devices), Unit::Watt)),
                'packs' => $c->packs === []
                    ? 'none counted'
                    : implode(', ', array_map(
                        fn (string $model, int $n): string => "$n × ".$this->situation->setup->plan->kit->name($model),
                        array_keys(array_count_values(array_column($c->packs, 0))),
                        array_count_values(array_column($c->packs, 0)),
                    )),
                'swaps' => implode(', ', array_map(
                    fn (array $s): string => $c->clock($s[0]).' '.$this->situation->name(strval(array_keys($c->devices)[$s[1]])),
                    $c->day->swaps,
                )) ?: ($c->day->isCovered ? 'none' : 'do not help'),
                'until' => $c->clock($c->day->lastsUntil),
                'full' => $full === null ? 'no charger counted' : round($full, 1).' h',
            ];
        }, Cells::allOf($this->situation));
    }

    /** @return array<string, string> names by circuit */
    public function choices(): array
    {
        return array_intersect_key($this->power->names, $this->power->breakers);
    }
}
