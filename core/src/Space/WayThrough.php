<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Segment;
use FineFrame\Geometry\Vec2;

/**
 * How wide somebody may be, and still get from a place to an opening: the widest disc. Whoever is wider than the gap between two solids
 * meets a wall there; they are shut in once such gaps and the solids between them close a ring around them. So gaps are closed from the
 * narrowest on until a ring is (its walks between the place and the opening cross a line between the two an odd number of times);
 * the last one is the width. Exact for round and straight-sided solids.
 */
final class WayThrough
{
    public const WALL = 'wall';

    /** The middle of the opening, as far outside, metres. */
    private const OUTSIDE_M = 1e-6;

    /** An opening’s ends lie as near to its wall, metres. */
    private const ON_M = 0.001;

    /** Gaps that differ by less are one, metres. */
    public const EVEN_M = 1e-9;

    /** @var list<FloorBody> */
    private readonly array $bodies;

    /** @var list<array{float, int, int, Vec2, Vec2}> gaps that could count, by two bodies, the narrowest first */
    private readonly array $gaps;

    /** @param  list<FloorBody>  $bodies  walls among them, the opening left out of its own */
    private function __construct(array $bodies, private readonly Segment $exit)
    {
        $gaps = [];
        foreach ($bodies as $i => $one) {
            for ($j = $i + 1; $j < count($bodies); $j++) {
                // The opening closes the ring of walls: what is wider than that never counts.
                if ($one->leastGapTo($bodies[$j]) <= $exit->length()) {
                    [$gap, $mine, $theirs] = $one->gapTo($bodies[$j]);
                    array_push($gaps, ...($gap <= $exit->length() ? [[$gap, $i, $j, $mine, $theirs]] : []));
                }
            }
        }
        usort($gaps, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        [$this->bodies, $this->gaps] = [$bodies, $gaps];
    }

    /**
     * @param  list<Segment>  $walls  every other opening counts as shut
     * @param  list<FloorBody>  $bodies
     *
     * @throws ImpossibleWay where the opening is on no wall
     */
    public static function out(array $walls, array $bodies, Segment $exit): self
    {
        [$lines, $isOnOne] = [[], false];
        foreach ($walls as $wall) {
            if ($wall->distanceTo($exit->from) > self::ON_M || $wall->distanceTo($exit->to) > self::ON_M) {
                $lines[] = $wall;

                continue;
            }
            $isOnOne = true;
            $ends = [$wall->nearestTo($exit->from), $wall->nearestTo($exit->to)];
            usort($ends, static fn (Vec2 $a, Vec2 $b): int => $a->distanceTo($wall->from) <=> $b->distanceTo($wall->from));
            array_push($lines, new Segment($wall->from, $ends[0]), new Segment($ends[1], $wall->to));
        }
        if (! $isOnOne) {
            throw ImpossibleWay::exit('A way out');
        }
        $lines = array_filter($lines, static fn (Segment $s): bool => $s->length() > self::EVEN_M);

        return new self(
            [...array_values(array_map(static fn (Segment $s): FloorBody => FloorBody::line(self::WALL, $s), $lines)), ...$bodies],
            $exit,
        );
    }

    /**
     * From a place where somebody is, however narrow it is there; 0 where there is no way at all.
     *
     * @param  list<string>  $without  ids of what is thought away
     */
    public function widest(Vec2 $from, array $without = []): WayOut
    {
        $line = new Segment($from, $this->goal());
        $root = range(0, max(0, count($this->bodies) - 1));
        $odd = array_fill(0, count($root), false);
        foreach ($this->gaps as [$gap, $i, $j, $mine, $theirs]) {
            [$one, $other] = [$this->bodies[$i], $this->bodies[$j]];
            if (in_array($one->id, $without, true) || in_array($other->id, $without, true)) {
                continue;
            }
            $crosses = self::crossings([$one->middle(), $mine, $theirs, $other->middle()], $line) % 2 === 1;
            [$a, $oddA] = self::find($root, $odd, $i);
            [$b, $oddB] = self::find($root, $odd, $j);
            if ($a !== $b) {
                $root[$a] = $b;
                $odd[$a] = ($oddA !== $oddB) !== $crosses;
            } elseif (($oddA !== $oddB) !== $crosses) {
                return WayOut::narrowest($gap > self::EVEN_M ? $gap : 0.0, $one->id, $mine, $other->id, $theirs);
            }
        }

        return WayOut::narrowest($this->exit->length(), self::WALL, $this->exit->from, self::WALL, $this->exit->to);
    }

    /**
     * As `widest`, with the room that there is where somebody stands, and in the middle of the opening.
     *
     * @param  list<string>  $without
     * @return WayOut “from” is the place where they stand
     */
    public function width(Vec2 $from, array $without = []): WayOut
    {
        $best = $this->widest($from, $without);
        foreach ([['from', $from], [self::WALL, $this->exit->at(0.5)]] as [$name, $place]) {
            foreach ($this->bodies as $body) {
                $room = in_array($body->id, $without, true) ? INF : 2 * $body->distanceTo($place);
                if ($room < $best->widthM - self::EVEN_M) {
                    $best = WayOut::narrowest($room, $name, $place, $body->id, $body->middle());
                }
            }
        }

        return $best;
    }

    /** @return string|null what stands on a place */
    public function on(Vec2 $place): ?string
    {
        foreach ($this->bodies as $body) {
            if ($body->id !== self::WALL && $body->contains($place)) {
                return $body->id;
            }
        }

        return null;
    }

    /**
     * The shortest way for the middle of somebody so wide; round corners are taken in steps of 15°.
     *
     * @return array{float, list<Vec2>}|null metres and bends; null where there is none
     */
    public function walk(Vec2 $from, float $widthM): ?array
    {
        if ($this->widest($from)->widthM < $widthM - self::EVEN_M) {
            return null;
        }
        $pieces = [];
        foreach ($this->bodies as $i => $body) {
            $pieces["$body->id $i"] = $body->grown($widthM / 2 - self::ON_M);
        }
        // Corners cut by their steps would let somebody through a little less than their width.
        foreach ($this->gaps as [$gap, $i, $j, $mine, $theirs]) {
            if ($gap > 0.0 && $gap < $widthM - 4 * self::ON_M) {
                $pieces["gap $i $j"] = FloorBody::line('gap', new Segment($mine, $theirs))->grown(self::ON_M);
            }
        }
        try {
            $way = (new CableWay($this->around($from, $widthM), $pieces))->between($from, $this->exit->at(0.5));
        } catch (ImpossibleWay) {
            return null;
        }

        return $way === null ? null : [$way['lengthM'], $way['points']];
    }

    private function around(Vec2 $from, float $widthM): Polygon
    {
        $points = [$from, ...array_merge(...array_map(static fn (FloorBody $b): array => $b->core, $this->bodies))];
        [$x, $y] = [array_map(static fn (Vec2 $p): float => $p->x, $points), array_map(static fn (Vec2 $p): float => $p->y, $points)];
        [$low, $high] = [new Vec2(min($x) - $widthM, min($y) - $widthM), new Vec2(max($x) + $widthM, max($y) + $widthM)];

        return new Polygon([$low, new Vec2($high->x, $low->y), $high, new Vec2($low->x, $high->y)]);
    }

    private function goal(): Vec2
    {
        // Whichever side that is: nobody wider than the opening is asked for.
        return $this->exit->at(0.5)->plus($this->exit->direction()->left()->times(self::OUTSIDE_M));
    }

    /**
     * @param  list<Vec2>  $way
     * @return int how often it crosses; what lies on the line counts as left of it
     */
    private static function crossings(array $way, Segment $line): int
    {
        $along = $line->to->minus($line->from);
        $count = 0;
        for ($i = 1; $i < count($way); $i++) {
            [$a, $b] = [$along->cross($way[$i - 1]->minus($line->from)), $along->cross($way[$i]->minus($line->from))];
            if (($a >= 0.0) !== ($b >= 0.0)) {
                $at = $way[$i - 1]->plus($way[$i]->minus($way[$i - 1])->times($a / ($a - $b)));
                $share = $at->minus($line->from)->dot($along) / $along->dot($along);
                $count += $share >= 0.0 && $share <= 1.0 ? 1 : 0;
            }
        }

        return $count;
    }

    /**
     * @param  array<int, int>  $root
     * @param  array<int, bool>  $odd  of the way to the root
     * @return array{int, bool}
     */
    private static function find(array $root, array $odd, int $at): array
    {
        $is = false;
        while ($root[$at] !== $at) {
            $is = $is !== $odd[$at];
            $at = $root[$at];
        }

        return [$at, $is];
    }
}
