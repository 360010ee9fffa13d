<?php

declare(strict_types=1);

namespace FineFrame\Pack;

/**
 * What goes into one case. Each thing is pushed into a corner of walls and things that lie there already: first by good orders, the large
 * before the small and the fragile last; few things are then gone through in every order, turn and corner.
 */
final class Crate
{
    public const MARGIN_M = 1e-6;

    /** Ways of laying that are looked at before it counts as impossible. */
    private const STEPS = 20_000;

    private int $steps = 0;

    /** @var array<string, true> */
    private array $seen = [];

    /** @param  int  $most  so many things are gone through in every order */
    public function __construct(private readonly CaseSize $case, private readonly int $most = 7)
    {
    }

    /**
     * @param  list<Box>  $boxes
     * @return list<Laid>|null null where they do not all go in, or no way was found
     */
    public function laid(array $boxes): ?array
    {
        $litres = array_sum(array_map(static fn (Box $b): float => $b->litres(), $boxes));
        $kg = array_sum(array_map(static fn (Box $b): float => $b->kg, $boxes));
        if ($litres > $this->case->litres() + 1e-6 || $kg > $this->case->maxKg + 1e-6) {
            return null;
        }
        foreach ($this->orders($boxes) as $order) {
            $laid = $this->inOrder($order);
            if ($laid !== null) {
                return $laid;
            }
        }
        [$this->steps, $this->seen] = [0, []];

        return count($boxes) > $this->most ? null : $this->search($boxes, []);
    }

    /**
     * @param  list<Box>  $boxes
     * @return iterable<list<Box>>
     */
    private function orders(array $boxes): iterable
    {
        $by = static function (\Closure $key) use ($boxes): array {
            usort($boxes, static fn (Box $a, Box $b): int => [$a->isFragile, $key($b)] <=> [$b->isFragile, $key($a)]);

            return $boxes;
        };
        yield $by(static fn (Box $b): float => $b->litres());
        yield $by(static fn (Box $b): float => max($b->lengthM, $b->widthM, $b->heightM));
        yield $by(static fn (Box $b): float => $b->kg);
    }

    /**
     * @param  list<Box>  $order
     * @return list<Laid>|null
     */
    private function inOrder(array $order): ?array
    {
        $laid = [];
        foreach ($order as $box) {
            $best = null;
            foreach ($this->spots($box, $laid) as $spot) {
                $best = $spot->lower($best);
            }
            if ($best === null) {
                return null;
            }
            $laid[] = $best;
        }

        return $laid;
    }

    /**
     * @param  list<Box>  $left
     * @param  list<Laid>  $laid
     * @return list<Laid>|null
     */
    private function search(array $left, array $laid): ?array
    {
        if ($left === []) {
            return $laid;
        }
        if (++$this->steps > self::STEPS) {
            return null;
        }
        $keys = array_map(static fn (Laid $l): string => $l->key(), $laid);
        sort($keys);
        $key = implode('|', $keys);
        if (isset($this->seen[$key])) {
            return null;
        }
        $this->seen[$key] = true;
        foreach ($left as $i => $box) {
            $rest = $left;
            unset($rest[$i]);
            foreach ($this->spots($box, $laid) as $spot) {
                $found = $this->search(array_values($rest), [...$laid, $spot]);
                if ($found !== null) {
                    return $found;
                }
            }
        }

        return null;
    }

    /**
     * @param  list<Laid>  $laid
     * @return iterable<Laid> each way it can lie in a corner
     */
    private function spots(Box $box, array $laid): iterable
    {
        $xs = self::edges(array_map(static fn (Laid $l): float => $l->x + $l->dx, $laid));
        $ys = self::edges(array_map(static fn (Laid $l): float => $l->y + $l->dy, $laid));
        $zs = self::edges(array_map(static fn (Laid $l): float => $l->z + $l->dz, $laid));
        foreach ($box->turns() as [$dx, $dy, $dz]) {
            foreach ($zs as $z) {
                foreach ($z + $dz > $this->case->heightM + self::MARGIN_M ? [] : $ys as $y) {
                    foreach ($y + $dy > $this->case->widthM + self::MARGIN_M ? [] : $xs as $x) {
                        $spot = new Laid($box, $x, $y, $z, $dx, $dy, $dz);
                        if ($spot->isInside($this->case) && $spot->isFree($laid)) {
                            yield $spot;
                        }
                    }
                }
            }
        }
    }

    /**
     * @param  list<float>  $ends
     * @return list<float>
     */
    private static function edges(array $ends): array
    {
        $edges = [0.0];
        sort($ends);
        foreach ($ends as $end) {
            $edges = $end - $edges[count($edges) - 1] > self::MARGIN_M ? [...$edges, $end] : $edges;
        }

        return $edges;
    }
}
