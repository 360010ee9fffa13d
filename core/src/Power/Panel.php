<?php

declare(strict_types=1);

namespace FineFrame\Power;

/**
 * Loads on breakers, each on exactly one: as little cable as can be, or as much as can be left on the fullest. Exact, by a search that
 * goes on only where it may still find better: the largest loads first, breakers that are alike tried once.
 */
final class Panel
{
    /** @var list<Load> the largest first */
    private array $loads;

    /** @var array<string, array<string, float>> amperes by load and breaker, where it may be */
    private array $amps = [];

    /** @var array<string, Breaker> */
    private array $breakers;

    /** @var array<string, true> pairs of classes that do not share a breaker, as `a|b` both ways */
    private array $apart = [];

    /** @var array{float, array<string, string>}|null what is best so far, and what is where */
    private ?array $best = null;

    /** @var list<float> least cost of the loads from here on */
    private array $rest = [];

    /**
     * @param  list<Breaker>  $breakers
     * @param  list<Load>  $loads
     * @param  list<array{string, string}>  $apart  classes that do not share a breaker; one twice: no two of it do
     *
     * @throws ImpossiblePower where an id is there twice, or names no breaker
     */
    public function __construct(array $breakers, array $loads, array $apart = [])
    {
        $this->breakers = [];
        foreach ($breakers as $breaker) {
            if (isset($this->breakers[$breaker->id])) {
                throw ImpossiblePower::twice($breaker->id);
            }
            $this->breakers[$breaker->id] = $breaker;
        }
        if ($loads !== [] && $breakers === []) {
            throw ImpossiblePower::noBreaker();
        }
        foreach ($apart as [$one, $other]) {
            $this->apart["$one|$other"] = $this->apart["$other|$one"] = true;
        }
        foreach ($loads as $load) {
            $this->take($load);
        }
        usort($loads, static fn (Load $a, Load $b): int => $b->watts / $b->powerFactor <=> $a->watts / $a->powerFactor);
        $this->loads = $loads;
    }

    private function take(Load $load): void
    {
        if (isset($this->amps[$load->id])) {
            throw ImpossiblePower::twice($load->id);
        }
        foreach ([...($load->only === null ? [] : [$load->only]), ...$load->not, ...array_keys($load->costM)] as $named) {
            if (! isset($this->breakers[$named])) {
                throw ImpossiblePower::unknown($named);
            }
        }
        $this->amps[$load->id] = [];
        foreach ($this->breakers as $id => $breaker) {
            $clash = array_filter($breaker->classes, fn (string $class): bool => isset($this->apart["$load->class|$class"]));
            if ($load->mayBeOn($breaker) && $clash === []) {
                $this->amps[$load->id][$id] = $load->ampsAt($breaker->volts);
            }
        }
    }

    /**
     * As little cable as can be.
     *
     * @return array{float, array<string, string>}|null metres in all, and the breaker of each load; null where nothing fits
     *
     * @throws ImpossiblePower where nobody has said how far it is
     */
    public function cheapest(): ?array
    {
        foreach ($this->loads as $load) {
            foreach (array_keys($this->breakers) as $id) {
                if (! isset($load->costM[$id])) {
                    throw ImpossiblePower::unreached($load->id, (string) $id);
                }
            }
        }
        $this->rest = [0.0];
        foreach (array_reverse($this->loads) as $load) {
            $costs = array_intersect_key($load->costM, $this->amps[$load->id]);
            array_unshift($this->rest, $this->rest[0] + ($costs === [] ? 0.0 : min($costs)));
        }
        $this->best = null;
        $this->cheaper(0, 0.0, $this->free(), [], []);

        return $this->best;
    }

    /**
     * As much as can be left on the fullest breaker that is used.
     *
     * @return array{float, array<string, string>}|null amperes, and the breaker of each load; null where nothing fits, or nothing is there
     */
    public function roomiest(): ?array
    {
        $this->best = null;
        if ($this->loads !== []) {
            $this->roomier(0, INF, $this->free(), [], []);
        }

        return $this->best;
    }

    public function isFeasible(): bool
    {
        return $this->loads === [] || $this->roomiest() !== null;
    }

    /** @return array<string, float> */
    private function free(): array
    {
        return array_map(static fn (Breaker $b): float => $b->freeA(), $this->breakers);
    }

    /**
     * @param  array<string, float>  $free
     * @param  array<string, list<string>>  $classes  by breaker, of what was put there
     * @param  array<string, string>  $on
     */
    private function cheaper(int $at, float $cost, array $free, array $classes, array $on): void
    {
        if ($this->best !== null && $cost + $this->rest[$at] >= $this->best[0] - 1e-12) {
            return;
        }
        $load = $this->loads[$at] ?? null;
        if ($load === null) {
            $this->best = [$cost, $on];

            return;
        }
        $places = $this->places($load, $free, $classes);
        usort($places, static fn (string $a, string $b): int => $load->costM[$a] <=> $load->costM[$b]);
        foreach ($places as $id) {
            $this->cheaper(
                $at + 1,
                $cost + $load->costM[$id],
                [$id => $free[$id] - $this->amps[$load->id][$id]] + $free,
                [$id => [...($classes[$id] ?? []), $load->class]] + $classes,
                $on + [$load->id => $id],
            );
        }
    }

    /**
     * @param  array<string, float>  $free
     * @param  array<string, list<string>>  $classes
     * @param  array<string, string>  $on
     */
    private function roomier(int $at, float $least, array $free, array $classes, array $on): void
    {
        if ($this->best !== null && $least <= $this->best[0] + 1e-12) {
            return;
        }
        $load = $this->loads[$at] ?? null;
        if ($load === null) {
            $this->best = [$least, $on];

            return;
        }
        $places = $this->places($load, $free, $classes);
        $left = fn (string $id): float => $free[$id] - $this->amps[$load->id][$id];
        usort($places, static fn (string $a, string $b): int => $left($b) <=> $left($a));
        $tried = [];
        foreach ($places as $id) {
            // Two that nothing is on yet, and that all loads see alike, are one.
            $alike = isset($classes[$id]) ? $id : $this->likeness($id);
            if (isset($tried[$alike])) {
                continue;
            }
            $tried[$alike] = true;
            $this->roomier(
                $at + 1,
                min($least, $left($id)),
                [$id => $left($id)] + $free,
                [$id => [...($classes[$id] ?? []), $load->class]] + $classes,
                $on + [$load->id => $id],
            );
        }
    }

    /**
     * @param  array<string, float>  $free
     * @param  array<string, list<string>>  $classes
     * @return list<string> where it may go now
     */
    private function places(Load $load, array $free, array $classes): array
    {
        $places = [];
        foreach ($this->amps[$load->id] as $id => $amps) {
            $clash = array_filter($classes[$id] ?? [], fn (string $class): bool => isset($this->apart["$load->class|$class"]));
            if ($amps <= $free[$id] + Breaker::EVEN_A && $clash === []) {
                $places[] = (string) $id;
            }
        }

        return $places;
    }

    /** The same for breakers that are alike for every load. */
    private function likeness(string $id): string
    {
        $breaker = $this->breakers[$id];
        $may = array_map(static fn (array $on): string => isset($on[$id]) ? '1' : '0', $this->amps);

        return round($breaker->freeA(), 9)." $breaker->volts ".implode('', $may);
    }
}
