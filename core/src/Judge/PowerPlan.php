<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Document\Record;
use FineFrame\Geometry\Vec2;
use FineFrame\Plan\Edit;
use FineFrame\Plan\Setup;
use FineFrame\Plan\SetupPlan;
use FineFrame\Power\Breaker;
use FineFrame\Power\Load;
use FineFrame\Power\Panel;

/**
 * What of a setup hangs on which breaker of its place: lamps on the mains and what else is listed, by their plugs; what other setups
 * draw at the same hours counts as there already. Loads are shared out exactly, by cable or by room left.
 */
final readonly class PowerPlan
{
    /** Sound does not go on a breaker with dimmers: they hum. */
    private const APART = [['sound', 'dimmer']];

    private const USUAL_VOLTS = 230.0;

    /** A circuit whose outlets nobody has drawn is taken to be so far, metres; a cable goes so much farther than the crow. */
    private const FAR_M = 20.0;

    private const ROUND = 1.3;

    /**
     * @param  array<string, Breaker>  $breakers  that may be used
     * @param  array<string, string>  $names  of breakers and loads
     * @param  list<string>  $unsure  breakers of which nobody knows whether they are ours, or what hangs on them
     * @param  array<string, Load>  $loads
     * @param  array<string, string>  $on  the breaker of each load that is plugged in
     */
    private function __construct(
        private SetupPlan $setup,
        public array $breakers,
        public array $names,
        public array $unsure,
        public array $loads,
        public array $on,
    ) {
    }

    public static function of(Situation $situation): self
    {
        $setup = $situation->setup;
        $place = $situation->place()->place;
        $names = $breakers = $unsure = [];
        $already = self::alongside($setup, $situation->limits->get('lamp_power_factor'));
        foreach ($place->list('circuits') as $row) {
            $amps = $row->number('breaker_a');
            if ($amps === null || $row->text('ours') === 'no') {
                continue;
            }
            $names[$row->id] = $row->text('name') ?: $row->id;
            $breakers[$row->id] = new Breaker(
                $row->id,
                $amps,
                $row->number('volts') ?? self::USUAL_VOLTS,
                $situation->limits->get('power_share'),
                ($row->number('already_a') ?? 0.0) + ($already[$row->id] ?? 0.0),
            );
            if ($row->text('ours') === 'unknown' || $row->number('already_a') === null) {
                $unsure[] = $row->id;
            }
        }
        $on = array_intersect(self::plugs($setup->setup), array_keys($breakers));
        $loads = self::loads($situation, array_keys($breakers));
        $things = array_map($situation->name(...), array_combine(array_keys($loads), array_keys($loads)));
        foreach ($setup->setup->list('loads') as $row) {
            $things[$row->id] = $row->text('name') ?: $row->id;
        }

        return new self($setup, $breakers, $names + $things, $unsure, $loads, array_intersect_key($on, $loads));
    }

    /** Amperes on a breaker, with what is there already. */
    public function ampsOn(string $breaker): float
    {
        $one = $this->breakers[$breaker];

        return $one->alreadyA + array_sum(array_map(static fn (Load $l): float => $l->ampsAt($one->volts), $this->loadsOn($breaker)));
    }

    /** @return array<string, Load> */
    public function loadsOn(string $breaker): array
    {
        return array_filter($this->loads, fn (Load $l): bool => ($this->on[$l->id] ?? '') === $breaker);
    }

    /** @return list<Load> */
    public function unplugged(): array
    {
        return array_values(array_filter($this->loads, fn (Load $l): bool => ! isset($this->on[$l->id])));
    }

    /**
     * Every load on a breaker anew.
     *
     * @param  bool  $isRoomy  as much as can be left on the fullest; else as little cable as can be
     * @return Edit|null null where nothing fits
     */
    public function solved(bool $isRoomy): ?Edit
    {
        if ($this->breakers === [] || $this->loads === []) {
            return null;
        }
        $panel = new Panel(array_values($this->breakers), array_values($this->loads), self::APART);
        $found = $isRoomy ? $panel->roomiest() : $panel->cheapest();

        return $found === null ? null : $this->plugged($found[1]);
    }

    /** @param  array<string, string>  $on  breakers by load */
    public function plugged(array $on): Edit
    {
        $rows = [];
        foreach ($on as $thing => $circuit) {
            $rows[] = ['id' => "plug-$thing", 'thing' => $thing, 'circuit' => $circuit];
        }

        return new Edit(["/setups/{$this->setup->setup->id}/plugs" => $rows]);
    }

    /** @return list<array{string, string}> loads that do not go together on one breaker */
    public function clashes(string $breaker): array
    {
        $here = array_values($this->loadsOn($breaker));
        $pairs = [];
        foreach ($here as $i => $one) {
            foreach (array_slice($here, $i + 1) as $other) {
                if (in_array([$one->class, $other->class], [...self::APART, ...array_map(array_reverse(...), self::APART)], true)) {
                    $pairs[] = [$one->id, $other->id];
                }
            }
        }

        return $pairs;
    }

    /** @return array<string, string> */
    private static function plugs(Setup $setup): array
    {
        $on = [];
        foreach ($setup->list('plugs') as $row) {
            $on[$row->text('thing')] = $row->text('circuit');
        }

        return $on;
    }

    /** @return array<string, float> amperes by breaker that other setups of the place draw at the same hours */
    private static function alongside(SetupPlan $setup, float $powerFactor): array
    {
        $volts = array_column(array_map(
            static fn (Record $r): array => [$r->id, $r->number('volts') ?? self::USUAL_VOLTS],
            $setup->location->list('circuits'),
        ), 1, 0);
        $amps = [];
        foreach ($setup->plan->alongside($setup->setup) as $other) {
            $plugs = $other->location === $setup->location->id ? self::plugs($other) : [];
            foreach (self::draws($setup, $other, $powerFactor) as [$id, $watts, $factor]) {
                $on = $plugs[$id] ?? '';
                if (isset($volts[$on])) {
                    $amps[$on] = ($amps[$on] ?? 0.0) + $watts / ($volts[$on] * $factor);
                }
            }
        }

        return $amps;
    }

    /** @return list<array{string, float, float, string}> id, watts, power factor and class of what is on the mains */
    private static function draws(SetupPlan $plan, Setup $setup, float $powerFactor): array
    {
        $draws = [];
        foreach ($setup->lights as $light) {
            $fixture = $plan->plan->kit->fixtures[$light->fixture];
            if ($light->on && ! $fixture->battery && $fixture->watts > 0.0) {
                // What glows is a plain resistance, and is dimmed by cutting the mains.
                $draws[] = [$light->id, $fixture->watts, $fixture->hot ? 1.0 : $powerFactor, $fixture->hot ? 'dimmer' : 'lamp'];
            }
        }
        foreach ($setup->list('loads') as $row) {
            $watts = $row->number('watts') ?? 0.0;
            if ($watts > 0.0) {
                $draws[] = [$row->id, $watts, $row->number('power_factor') ?? 0.9, $row->text('kind')];
            }
        }

        return $draws;
    }

    /**
     * @param  list<string>  $breakers
     * @return array<string, Load>
     */
    private static function loads(Situation $situation, array $breakers): array
    {
        $loads = [];
        $setup = $situation->setup;
        $places = array_column(array_map(static fn ($l): array => [$l->id, $l->place], $setup->setup->lights), 1, 0);
        foreach (self::draws($setup, $setup->setup, $situation->limits->get('lamp_power_factor')) as [$id, $watts, $factor, $class]) {
            $loads[$id] = new Load($id, $watts, $factor, $class, costM: self::ways($setup, $places[$id] ?? null, $breakers));
        }

        return $loads;
    }

    /**
     * @param  list<string>  $breakers
     * @return array<string, float> about how much cable to each
     */
    private static function ways(SetupPlan $setup, ?Vec2 $from, array $breakers): array
    {
        $ways = array_fill_keys($breakers, self::FAR_M);
        if ($from === null) {
            return $ways;
        }
        foreach ($setup->room->outlets as $outlet) {
            $wall = $setup->room->wall($outlet->wall);
            if ($wall !== null && isset($ways[$outlet->circuit ?? ''])) {
                $at = $wall->along(min($outlet->offsetM, $wall->line->length()));
                $ways[$outlet->circuit] = min($ways[$outlet->circuit], self::ROUND * $from->distanceTo($at) + $outlet->heightM);
            }
        }

        return $ways;
    }
}
