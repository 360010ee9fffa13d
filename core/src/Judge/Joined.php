<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Grip\Holds;
use FineFrame\Grip\Hung;
use FineFrame\Grip\Joiner;
use FineFrame\Grip\JoiningPart;
use FineFrame\Grip\Mount;
use FineFrame\Grip\Mounting;
use FineFrame\Grip\Support;
use FineFrame\Light\LightPlacement;
use FineFrame\Plan\Setup;

/**
 * How lamps and poles sit on what holds them: straight, or by parts of the kit that all setups on at one time share. What nobody has
 * said the mount of is left out.
 */
final readonly class Joined
{
    /** So many are shared out by going through all ways; of more, each takes what is left. */
    private const EXACT = 8;

    /** As good as any number of a part that nobody has counted. */
    private const PLENTY = 50;

    /** @param  list<string>|null  $parts  ids from the support outward; null where it does not go together */
    private function __construct(
        public string $id,
        public Support $on,
        public Mount $mount,
        public ?array $parts,
        public bool $isHeavy,
        public ?string $lacks,
    ) {
    }

    /** @return list<self> lamps and poles of the setup */
    public static function allOf(Situation $situation): array
    {
        $setup = $situation->setup->setup;
        $plan = $situation->setup->plan;
        $mine = self::things($situation, $setup);
        $things = $mine;
        foreach ($plan->alongside($setup) as $other) {
            foreach (self::things($situation, $other) as $id => $thing) {
                $things["$other->id/$id"] = $thing;
            }
        }
        $date = $situation->setup->hours()->date;
        $joiners = array_values(array_map(
            static fn (JoiningPart $p): Joiner => $p->joiner($plan->kit->stock->count($p->id, $date) ?? self::PLENTY),
            $plan->kit->joiners,
        ));
        $chains = self::shared($things, $joiners);
        $all = [];
        foreach ($mine as $id => [$hung, $on, $mount]) {
            $isPlaced = isset($chains[$id]);
            $alone = $isPlaced ? null : self::alone($hung, $on, $joiners);
            $all[] = new self(
                $id,
                $on,
                $mount,
                $chains[$id] ?? null,
                ! $isPlaced && $alone === null && self::alone(new Hung($id, $hung->mount, 0.0, null, $id), $on, $joiners) !== null,
                $alone === null ? null : self::lacking($alone, $chains, $joiners),
            );
        }

        return $all;
    }

    /**
     * @param  array<string, array{Hung, Support, Mount}>  $things
     * @param  list<Joiner>  $joiners
     * @return array<string, list<string>> parts by thing
     */
    private static function shared(array $things, array $joiners): array
    {
        $chains = $wanting = [];
        foreach ($things as $id => [$hung, $on]) {
            if ($on->offers->value === $hung->mount) {
                $chains[$id] = [];
            } else {
                $wanting[$id] = [new Hung($id, $hung->mount, $hung->kg, null, $id), $on];
            }
        }
        $each = [];
        $left = $joiners;
        foreach ($wanting as $id => [$hung, $on]) {
            $parts = self::built([$hung], [$on], $left)[$id] ?? null;
            if ($parts !== null) {
                $each[$id] = $parts;
                $taken = array_count_values($parts);
                $left = array_map(static fn (Joiner $j): Joiner => $j->counted($j->count - ($taken[$j->kind] ?? 0)), $left);
            }
        }
        if (count($each) < count($wanting) && count($wanting) <= self::EXACT) {
            $each = self::built(array_column($wanting, 0), array_column($wanting, 1), $joiners);
        }

        return $chains + $each;
    }

    /**
     * @param  list<Hung>  $things  each on a place of its own
     * @param  list<Support>  $on
     * @param  list<Joiner>  $joiners
     * @return array<string, list<string>>
     */
    private static function built(array $things, array $on, array $joiners): array
    {
        $places = array_map(
            static fn (Hung $t, Support $s): Holds => new Holds($t->on ?? $t->id, $s->offers->value, null, $s->carriesKg),
            $things,
            $on,
        );

        return (new Mounting($places, $joiners, $things))->built()->placed;
    }

    /**
     * @param  list<Joiner>  $joiners
     * @return list<string>|null what would do if there were enough of everything
     */
    private static function alone(Hung $hung, Support $on, array $joiners): ?array
    {
        $plenty = array_map(static fn (Joiner $j): Joiner => $j->counted(self::PLENTY), $joiners);

        return self::built([new Hung($hung->id, $hung->mount, $hung->kg, null, $hung->id)], [$on], $plenty)[$hung->id] ?? null;
    }

    /**
     * @param  list<string>  $parts
     * @param  array<string, list<string>>  $chains
     * @param  list<Joiner>  $joiners
     * @return string|null the part of which too few are there
     */
    private static function lacking(array $parts, array $chains, array $joiners): ?string
    {
        $used = array_count_values(array_merge([], ...array_values($chains)));
        foreach ($joiners as $joiner) {
            if (in_array($joiner->kind, $parts, true) && ($used[$joiner->kind] ?? 0) >= $joiner->count) {
                return $joiner->kind;
            }
        }

        return $parts[0] ?? null;
    }

    /** @return array<string, array{Hung, Support, Mount}> */
    private static function things(Situation $situation, Setup $setup): array
    {
        $kit = $situation->setup->plan->kit;
        $things = [];
        foreach ($setup->lights as $lamp) {
            $things[$lamp->id] = self::lamp($situation, $setup, $lamp);
        }
        foreach ($setup->booms as $boom) {
            $pole = $kit->poles[$boom->pole] ?? null;
            $things[$boom->id] = $pole === null ? null : [$pole->mount, $pole->kg ?? 0.0, $kit->supports[$boom->stand] ?? null];
        }
        $known = [];
        foreach (array_filter($things) as $id => [$mount, $kg, $on]) {
            if ($on !== null && $mount !== Mount::Unsaid && $on->offers !== Mount::Unsaid && ! $on->kind->isCarried()) {
                $known[$id] = [new Hung($id, $mount->value, $kg), $on, $mount];
            }
        }

        return $known;
    }

    /** @return array{Mount, float, Support|null}|null */
    private static function lamp(Situation $situation, Setup $setup, LightPlacement $lamp): ?array
    {
        $kit = $situation->setup->plan->kit;
        if ($lamp->practical || ! isset($kit->fixtures[$lamp->fixture])) {
            return null;
        }
        $isMine = $setup->id === $situation->setup->setup->id;
        $kg = ($isMine ? ($situation->scene->lamps[$lamp->id] ?? null)?->weightKg() : $kit->fixtures[$lamp->fixture]->kg) ?? 0.0;

        return [$kit->fixtures[$lamp->fixture]->mount, $kg, $kit->supports[$lamp->stand] ?? null];
    }
}
