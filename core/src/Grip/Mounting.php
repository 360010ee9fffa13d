<?php

declare(strict_types=1);

namespace FineFrame\Grip;

/**
 * What sits on what: things on places, with parts between where they do not fit straight. Every arrangement can be built by adding thing
 * after thing, each with its own chain of parts from a place that is open; so all are gone through, those with fewer parts first.
 */
final class Mounting
{
    private const EVEN_KG = 1e-9;

    /** @var array<int, float> kilograms left on each limit */
    private array $left = [];

    /** @var array<string, int> pieces left */
    private array $stock = [];

    private int $most = 0;

    /** @var array<string, array<string, int>> fewest parts from a type of place to a mount, whatever they weigh and span */
    private array $apart = [];

    private Arrangement $best;

    /**
     * @param  list<Holds>  $places
     * @param  list<Joiner>  $parts
     * @param  list<Hung>  $things
     *
     * @throws ImpossibleJoint where an id or a kind is named twice
     */
    public function __construct(private readonly array $places, private readonly array $parts, private readonly array $things)
    {
        foreach ([
            array_map(static fn (Holds $p): string => $p->id, $places),
            array_map(static fn (Joiner $p): string => $p->kind, $parts),
            array_map(static fn (Hung $t): string => $t->id, $things),
        ] as $ids) {
            foreach (array_count_values($ids) as $id => $count) {
                if ($count > 1) {
                    throw ImpossibleJoint::twice((string) $id);
                }
            }
        }
        $this->best = new Arrangement;
    }

    /**
     * Things straight on places: as many as there can be (augmenting ways, Kuhn 1955).
     *
     * @return array<string, string> place by thing
     */
    public function matched(): array
    {
        $on = [];
        foreach (array_keys($this->things) as $i) {
            $seen = [];
            $this->augment($i, $on, $seen);
        }
        $by = [];
        foreach ($on as $place => $i) {
            $by[$this->things[$i]->id] = $this->places[$place]->id;
        }

        return $by;
    }

    /** The most things placed, by the fewest parts. */
    public function built(): Arrangement
    {
        $could = count(array_filter($this->things, $this->couldSit(...)));
        $useful = array_filter($this->parts, $this->leadsOn(...));
        $all = array_sum(array_map(static fn (Joiner $p): int => min($p->count, $could), $useful));
        for ($this->most = 0; $this->most <= min($all, $could * count($useful)) && count($this->best->placed) < $could; $this->most++) {
            $this->place(0, $this->begin(), new Arrangement);
        }

        return $this->best;
    }

    /**
     * The fewest pieces to get so that everything is placed.
     *
     * @param  list<string>  $kinds  of parts that can be got
     * @param  list<string>  $alike  places of which another like it can be got
     * @return array<string, int>|null by kind or place; null where so many do not help
     *
     * @throws ImpossibleJoint
     */
    public function short(array $kinds, array $alike, int $most): ?array
    {
        foreach ([...$kinds, ...$alike] as $id) {
            if ($this->joiner($id) === null && $this->holds($id) === null) {
                throw ImpossibleJoint::unknown($id);
            }
        }
        for ($count = 0; $count <= $most; $count++) {
            foreach (self::choices([...$kinds, ...$alike], $count) as $extra) {
                $with = $this->with($extra);
                if (count($with->built()->placed) === count($this->things)) {
                    return $extra;
                }
            }
        }

        return null;
    }

    /** Whether any chain could want it: it is got to, leads to a mount that is wanted, and is more than one step on the same type. */
    private function leadsOn(Joiner $part): bool
    {
        $isReached = array_filter($this->places, fn (Holds $p): bool => is_finite($this->apart($p->type, $part->sitsOn))) !== [];
        $leads = array_filter($this->things, fn (Hung $t): bool => array_filter(
            $part->offers,
            fn (string $offered): bool => is_finite($this->apart($offered, $t->mount)),
        ) !== []) !== [];

        return $isReached && $leads && $part->offers !== [$part->sitsOn];
    }

    private function couldSit(Hung $thing): bool
    {
        foreach ($this->places as $place) {
            if (($thing->on === null || $thing->on === $place->id) && is_finite($this->apart($place->type, $thing->mount))) {
                return true;
            }
        }

        return false;
    }

    /** Fewest parts that there are one of, from a type of place to a mount; INF where none lead there. */
    private function apart(string $type, string $mount): float
    {
        if (! isset($this->apart[$type])) {
            $reached = [$type => 0];
            for ($next = [$type]; $next !== []; $next = $after) {
                $after = [];
                foreach ($this->parts as $part) {
                    foreach ($part->count > 0 && in_array($part->sitsOn, $next, true) ? $part->offers : [] as $offered) {
                        if (! isset($reached[$offered])) {
                            $reached[$offered] = $reached[$part->sitsOn] + 1;
                            $after[] = $offered;
                        }
                    }
                }
            }
            $this->apart[$type] = $reached;
        }

        return $this->apart[$type][$mount] ?? INF;
    }

    /**
     * @param  array<int, int>  $on  thing by place
     * @param  array<int, true>  $seen
     */
    private function augment(int $thing, array &$on, array &$seen): bool
    {
        foreach ($this->places as $i => $place) {
            $t = $this->things[$thing];
            $takes = $place->type === $t->mount && $t->kg <= ($place->maxKg ?? INF) + self::EVEN_KG && $place->reaches($t->heightM);
            if (! $takes || isset($seen[$i])) {
                continue;
            }
            $seen[$i] = true;
            if (! isset($on[$i]) || $this->augment($on[$i], $on, $seen)) {
                $on[$i] = $thing;

                return true;
            }
        }

        return false;
    }

    /** @return list<OpenPlace> */
    private function begin(): array
    {
        $this->left = array_map(static fn (Holds $p): float => $p->maxKg ?? INF, $this->places);
        $this->stock = array_combine(
            array_map(static fn (Joiner $p): string => $p->kind, $this->parts),
            array_map(static fn (Joiner $p): int => $p->count, $this->parts),
        );

        return array_map(
            static fn (int $i, Holds $p): OpenPlace => new OpenPlace($p->type, $p->sizeM, [$i], $p->id),
            array_keys($this->places),
            $this->places,
        );
    }

    /** @param  array<int, OpenPlace>  $open */
    private function place(int $i, array $open, Arrangement $so): void
    {
        if (count($so->placed) + count($this->things) - $i <= count($this->best->placed)) {
            return;
        }
        if ($i === count($this->things)) {
            $this->best = $so;

            return;
        }
        $this->chain($i, $open, array_keys($open), $so, []);
        if (! $this->isDone()) {
            $this->place($i + 1, $open, $so);
        }
    }

    /**
     * @param  array<int, OpenPlace>  $open
     * @param  list<int>  $from  where the next piece may sit: anywhere first, then on the piece before
     * @param  list<string>  $kinds  between the place and there
     */
    private function chain(int $i, array $open, array $from, Arrangement $so, array $kinds): void
    {
        $thing = $this->things[$i];
        $used = array_sum($so->parts);
        foreach ($from as $at) {
            $place = $open[$at];
            $isMeant = $thing->on === null || $thing->on === $place->on;
            if ($this->isDone() || ! $isMeant || $used + $this->apart($place->type, $thing->mount) > $this->most) {
                continue;
            }
            if ($place->type === $thing->mount && $this->bears($place, $thing->kg)) {
                $this->load($place, $thing->kg);
                $this->place($i + 1, array_diff_key($open, [$at => true]), $so->with($thing->id, $place->on, $kinds));
                $this->load($place, -$thing->kg);
            }
            foreach ($used < $this->most ? $this->parts : [] as $part) {
                if (
                    $this->stock[$part->kind] > 0
                    && $part->offers !== [$part->sitsOn]
                    && $part->fits($place->type, $place->sizeM)
                    && $this->bears($place, $part->kg + $thing->kg)
                ) {
                    $this->put($i, $open, $at, $part, $so, $kinds);
                }
            }
        }
    }

    /**
     * @param  array<int, OpenPlace>  $open
     * @param  list<string>  $kinds
     */
    private function put(int $i, array $open, int $at, Joiner $part, Arrangement $so, array $kinds): void
    {
        $place = $open[$at];
        $limit = (int) array_key_last($this->left) + 1;
        $offered = [];
        foreach ($part->offers as $k => $type) {
            $offered[max([0, ...array_keys($open)]) + 1 + $k] = new OpenPlace($type, null, [...$place->limits, $limit], $place->on);
        }
        $this->load($place, $part->kg);
        $this->stock[$part->kind]--;
        $this->left[$limit] = $part->maxKg ?? INF;
        $this->chain(
            $i, array_diff_key($open, [$at => true]) + $offered, array_keys($offered), $so->using($part->kind), [...$kinds, $part->kind],
        );
        unset($this->left[$limit]);
        $this->stock[$part->kind]++;
        $this->load($place, -$part->kg);
    }

    private function isDone(): bool
    {
        return count($this->best->placed) === count($this->things);
    }

    private function bears(OpenPlace $place, float $kg): bool
    {
        foreach ($place->limits as $limit) {
            if ($this->left[$limit] < $kg - self::EVEN_KG) {
                return false;
            }
        }

        return true;
    }

    private function load(OpenPlace $place, float $kg): void
    {
        foreach ($place->limits as $limit) {
            $this->left[$limit] -= $kg;
        }
    }

    /** @param  array<string, int>  $extra */
    private function with(array $extra): self
    {
        $places = $this->places;
        foreach ($extra as $id => $count) {
            $like = $this->holds($id);
            for ($n = 1; $like !== null && $n <= $count; $n++) {
                $places[] = new Holds("$id +$n", $like->type, $like->sizeM, $like->maxKg, $like->reachM);
            }
        }

        return new self(
            $places,
            array_map(static fn (Joiner $p): Joiner => $p->counted($p->count + ($extra[$p->kind] ?? 0)), $this->parts),
            $this->things,
        );
    }

    private function joiner(string $kind): ?Joiner
    {
        return array_values(array_filter($this->parts, static fn (Joiner $p): bool => $p->kind === $kind))[0] ?? null;
    }

    private function holds(string $id): ?Holds
    {
        return array_values(array_filter($this->places, static fn (Holds $p): bool => $p->id === $id))[0] ?? null;
    }

    /**
     * @param  list<string>  $ids
     * @return iterable<array<string, int>> every way to take so many of them
     */
    private static function choices(array $ids, int $count): iterable
    {
        if ($count === 0) {
            yield [];

            return;
        }
        if ($ids === []) {
            return;
        }
        $id = array_shift($ids);
        for ($n = $count; $n >= 0; $n--) {
            foreach (self::choices($ids, $count - $n) as $rest) {
                yield ($n > 0 ? [$id => $n] : []) + $rest;
            }
        }
    }
}
