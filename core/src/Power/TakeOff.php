<?php

declare(strict_types=1);

namespace FineFrame\Power;

/** What is run on batteries so that the rest fits on the breakers: fewest loads, then fewest batteries, then least energy. */
final readonly class TakeOff
{
    /**
     * @param  list<string>  $ids  of what comes off the mains
     * @param  float  $wattHours  drawn of the batteries
     */
    private function __construct(public bool $mainsAlone, public array $ids, public int $batteries, public float $wattHours)
    {
    }

    /**
     * @param  list<Breaker>  $breakers
     * @param  list<Load>  $loads
     * @param  list<array{string, string}>  $apart
     * @param  array<string, float>  $hours  by load that may run on a battery
     * @param  float  $mostW  for one battery
     * @return self|null null where nothing does it
     *
     * @throws ImpossiblePower
     */
    public static function find(
        array $breakers,
        array $loads,
        array $apart,
        Battery $battery,
        array $hours,
        float $mostW,
        int $carried,
    ): ?self {
        if ((new Panel($breakers, $loads, $apart))->isFeasible()) {
            return new self(true, [], 0, 0.0);
        }
        $may = array_values(array_filter($loads, static fn (Load $l): bool => isset($hours[$l->id]) && $l->watts <= $mostW));
        $best = null;
        for ($mask = 1; $mask < 1 << count($may); $mask++) {
            $off = array_values(array_filter($may, static fn (int $i): bool => ($mask >> $i & 1) === 1, ARRAY_FILTER_USE_KEY));
            $count = array_sum(array_map(static fn (Load $l): int => $battery->count($l->watts, $hours[$l->id]), $off));
            $drawn = array_sum(array_map(static fn (Load $l): float => $l->watts * $hours[$l->id] / $battery->efficiency, $off));
            $ids = array_map(static fn (Load $l): string => $l->id, $off);
            $isBetter = $best === null || [count($ids), $count, $drawn] < [count($best->ids), $best->batteries, $best->wattHours];
            if ($count > $carried || ! $isBetter) {
                continue;
            }
            $left = array_values(array_filter($loads, static fn (Load $l): bool => ! in_array($l->id, $ids, true)));
            if ((new Panel($breakers, $left, $apart))->isFeasible()) {
                $best = new self(false, $ids, $count, $drawn);
            }
        }

        return $best;
    }
}
