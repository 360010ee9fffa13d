<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Segment;
use FineFrame\Geometry\Vec2;

/**
 * The cheapest way of a cable over a floor: along walls and around furniture, over a door where that costs less than across the way
 * that people walk. A shortest way bends only at corners, so it is found among the lines between corners that see each other
 * (Lozano-Pérez and Wesley 1979), by A*. Pieces that touch leave no gap: each is taken half a millimetre larger than it is.
 */
final class CableWay
{
    /** Half of the gap through which nothing is laid, metres. */
    private const SKIN_M = 0.0005;

    /** A line that ends so near a wall or a piece reaches it. */
    private const REACHES_M = 0.001;

    private const EVEN = 1e-9;

    /** @var list<list<array{float, float, float}>> solid convex pieces as half planes, nx·x + ny·y ≤ d inside */
    private array $solids = [];

    /** @var list<Vec2> */
    private array $nodes = [];

    /** @var list<array{Segment, Gate}> gates’ lines, drawn on where they reach something */
    private array $lines = [];

    /** @var list<array{int, int, Gate}> ways over doors, by their nodes at the jambs */
    private array $overs = [];

    /**
     * @param  array<string, Polygon>  $pieces  convex
     * @param  list<Gate>  $gates
     *
     * @throws ImpossibleWay
     */
    public function __construct(private readonly Polygon $floor, private readonly array $pieces, array $gates = [])
    {
        $corners = $floor->corners;
        if (count($corners) < 3 || self::crosses($corners)) {
            throw ImpossibleWay::floor();
        }
        foreach ($corners as $i => $from) {
            $this->solid(self::slab($from, $corners[($i + 1) % count($corners)]));
        }
        foreach ($pieces as $piece) {
            $this->solid(self::grown($piece->corners));
        }
        foreach ($gates as $gate) {
            $this->gate($gate);
        }
        $this->nodes = array_values(array_filter($this->nodes, $this->isFree(...)));
        foreach ($gates as $gate) {
            $ends = $gate->jambs === null ? [] : array_filter([$this->near($gate->jambs->from), $this->near($gate->jambs->to)]);
            if (count($ends) === 2) {
                array_push($this->nodes, ...$ends);
                $this->overs[] = [count($this->nodes) - 2, count($this->nodes) - 1, $gate];
            }
        }
    }

    /**
     * @return array{lengthM: float, costM: float, over: list<string>, crossed: list<string>, points: list<Vec2>}|null null where there is
     *     no way
     *
     * @throws ImpossibleWay where an end is outside, or inside a piece
     */
    public function between(Vec2 $from, Vec2 $to): ?array
    {
        $nodes = [...$this->nodes, $this->end($from), $this->end($to)];
        [$start, $goal] = [count($nodes) - 2, count($nodes) - 1];
        [$cost, $done, $back] = [array_fill(0, count($nodes), INF), [], []];
        $cost[$start] = 0.0;
        // No way is shorter than the crow’s: what lies far off is looked at last, or never.
        $crow = array_map(static fn (Vec2 $node): float => $node->distanceTo($nodes[$goal]), $nodes);
        while (true) {
            $at = null;
            foreach ($cost as $i => $so) {
                $at = ! isset($done[$i]) && $so + $crow[$i] < ($at === null ? INF : $cost[$at] + $crow[$at]) ? $i : $at;
            }
            if ($at === null || $at === $goal) {
                break;
            }
            $done[$at] = true;
            foreach (array_reverse($nodes, true) as $next => $there) {
                $least = $cost[$at] + $nodes[$at]->distanceTo($there);
                if (isset($done[$next]) || $least >= $cost[$next] || $least + $crow[$next] >= $cost[$goal]) {
                    continue;
                }
                $step = $this->step($nodes[$at], $there, $this->over($at, $next));
                if ($step !== null && $cost[$at] + $step[1] < $cost[$next] - self::EVEN) {
                    [$cost[$next], $back[$next]] = [$cost[$at] + $step[1], [$at, $step]];
                }
            }
        }

        return is_infinite($cost[$goal]) ? null : $this->walked($nodes, $back, $start, $goal);
    }

    /**
     * @param  list<Vec2>  $nodes
     * @param  array<int, array{int, array{float, float, list<string>, list<string>}}>  $back
     * @return array{lengthM: float, costM: float, over: list<string>, crossed: list<string>, points: list<Vec2>}
     */
    private function walked(array $nodes, array $back, int $start, int $goal): array
    {
        $way = ['lengthM' => 0.0, 'costM' => 0.0, 'over' => [], 'crossed' => [], 'points' => [$nodes[$goal]]];
        for ($at = $goal; $at !== $start; $at = $back[$at][0]) {
            [$length, $cost, $over, $crossed] = $back[$at][1];
            $way = [
                'lengthM' => $way['lengthM'] + $length,
                'costM' => $way['costM'] + $cost,
                'over' => [...$over, ...$way['over']],
                'crossed' => [...$crossed, ...$way['crossed']],
                'points' => [$nodes[$back[$at][0]], ...$way['points']],
            ];
        }

        return ['points' => self::bends($way['points'])] + $way;
    }

    /**
     * @param  non-empty-list<Vec2>  $points
     * @return non-empty-list<Vec2> without those that lie on the way between their neighbours, by more than their skins
     */
    private static function bends(array $points): array
    {
        $bends = [$points[0]];
        for ($i = 1; $i < count($points) - 1; $i++) {
            $last = $bends[count($bends) - 1];
            $off = (new Segment($last, $points[$i + 1]))->distanceTo($points[$i]);
            if ($off > 4 * self::SKIN_M && $points[$i]->distanceTo($last) > 8 * self::SKIN_M) {
                $bends[] = $points[$i];
            }
        }

        return [...$bends, $points[count($points) - 1]];
    }

    /** @return array{float, float, list<string>, list<string>}|null length, cost, doors gone over, and ways crossed in the order met */
    private function step(Vec2 $from, Vec2 $to, ?Gate $over): ?array
    {
        $length = $from->distanceTo($to);
        $above = $over === null ? INF : $length + 2 * $over->overM;
        $straight = $this->sees($from, $to) ? $this->crossings($from, $to) : null;
        $cost = $straight === null ? INF : $length + $straight[0];

        return match (true) {
            is_infinite(min($above, $cost)) => null,
            $over !== null && $above < $cost => [$above, $above, [$over->id], []],
            default => [$length, $cost, [], $straight[1] ?? []],
        };
    }

    private function over(int $one, int $other): ?Gate
    {
        foreach ($this->overs as [$from, $to, $gate]) {
            if ([$from, $to] === [$one, $other] || [$to, $from] === [$one, $other]) {
                return $gate;
            }
        }

        return null;
    }

    /** @return array{float, list<string>} what crossings cost, and whose lines they are, in the order met */
    private function crossings(Vec2 $from, Vec2 $to): array
    {
        [$cost, $met] = [0.0, []];
        foreach ($this->lines as [$line, $gate]) {
            $way = $to->minus($from);
            $along = $line->to->minus($line->from);
            $across = $way->cross($along);
            if (abs($across) < 1e-12) {
                continue;
            }
            $gap = $line->from->minus($from);
            [$on, $at] = [$gap->cross($along) / $across, $gap->cross($way) / $across];
            // To touch an end, or to begin on it, is not to cross it.
            [$slackOn, $slackAt] = [self::EVEN / max(self::EVEN, $way->length()), self::EVEN / max(self::EVEN, $along->length())];
            if ($on > $slackOn && $on < 1 - $slackOn && $at > $slackAt && $at < 1 - $slackAt) {
                $cost += $gate->extraM;
                $met[] = [$on, $gate->id];
            }
        }
        sort($met);

        return [$cost, array_column($met, 1)];
    }

    private function sees(Vec2 $from, Vec2 $to): bool
    {
        foreach ($this->solids as $planes) {
            [$in, $out] = [0.0, 1.0];
            foreach ($planes as [$nx, $ny, $d]) {
                $one = $nx * $from->x + $ny * $from->y - $d + self::EVEN;
                $other = $nx * $to->x + $ny * $to->y - $d + self::EVEN;
                if ($one >= 0.0 && $other >= 0.0) {
                    [$in, $out] = [1.0, 0.0];
                    break;
                }
                if ($one > 0.0) {
                    $in = max($in, $one / ($one - $other));
                } elseif ($other > 0.0) {
                    $out = min($out, $one / ($one - $other));
                }
            }
            if ($in < $out - 1e-12) {
                return false;
            }
        }

        return true;
    }

    private function isFree(Vec2 $at): bool
    {
        foreach ($this->solids as $planes) {
            $inside = array_filter($planes, static fn (array $p): bool => $p[0] * $at->x + $p[1] * $at->y >= $p[2] - self::EVEN) === [];
            if ($inside) {
                return false;
            }
        }

        return $this->floor->contains($at);
    }

    /** @throws ImpossibleWay */
    private function end(Vec2 $at): Vec2
    {
        $near = $this->near($at);
        if ($near !== null) {
            return $near;
        }
        foreach ($this->pieces as $id => $piece) {
            if ($piece->contains($at)) {
                throw ImpossibleWay::inside((string) $id);
            }
        }
        throw ImpossibleWay::outside();
    }

    /** A place off the skin of what it lies on; null where it is outside or inside something. */
    private function near(Vec2 $at): ?Vec2
    {
        if ($this->isFree($at)) {
            return $at;
        }
        foreach ([1.01, 1.5, 2.1, 3.0] as $skins) {
            for ($deg = 0; $deg < 360; $deg += 15) {
                $off = $at->plus(Vec2::towards(deg2rad($deg))->times($skins * self::SKIN_M));
                if ($this->isFree($off)) {
                    return $off;
                }
            }
        }

        return null;
    }

    private function gate(Gate $gate): void
    {
        $way = $gate->line->to->minus($gate->line->from)->unit();
        $ends = [];
        foreach ([[$gate->line->from, $way->times(-1.0)], [$gate->line->to, $way]] as [$end, $out]) {
            // What ends on a wall is drawn on into it: nothing slips past. A free end may be gone round.
            $reaches = $this->reaches($end);
            $ends[] = $reaches ? $end->plus($out->times(4 * self::REACHES_M)) : $end;
            if (! $reaches) {
                $this->nodes[] = $end;
            }
        }
        $this->lines[] = [new Segment($ends[0], $ends[1]), $gate];
    }

    private function reaches(Vec2 $at): bool
    {
        foreach ([$this->floor, ...array_values($this->pieces)] as $shape) {
            foreach ($shape->edges() as $edge) {
                if ($edge->distanceTo($at) <= self::REACHES_M) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @param  list<Vec2>  $corners  counter-clockwise */
    private function solid(array $corners): void
    {
        $planes = [];
        foreach ($corners as $i => $from) {
            $along = $corners[($i + 1) % count($corners)]->minus($from)->unit();
            $planes[] = [$along->y, -$along->x, $along->y * $from->x - $along->x * $from->y];
            $this->nodes[] = $from;
        }
        $this->solids[] = $planes;
    }

    /** @return list<Vec2> a wall as thick as both skins */
    private static function slab(Vec2 $from, Vec2 $to): array
    {
        $along = $to->minus($from)->unit()->times(self::SKIN_M);
        $aside = $along->left();

        return [
            $from->minus($along)->minus($aside), $to->plus($along)->minus($aside),
            $to->plus($along)->plus($aside), $from->minus($along)->plus($aside),
        ];
    }

    /**
     * @param  list<Vec2>  $corners
     * @return list<Vec2> counter-clockwise, each edge a skin farther out
     */
    private static function grown(array $corners): array
    {
        $area = 0.0;
        foreach ($corners as $i => $from) {
            $area += $from->cross($corners[($i + 1) % count($corners)]);
        }
        $corners = $area < 0.0 ? array_reverse($corners) : $corners;
        $n = count($corners);
        $grown = [];
        foreach ($corners as $i => $at) {
            $in = $at->minus($corners[($i + $n - 1) % $n])->unit();
            $out = $corners[($i + 1) % $n]->minus($at)->unit();
            // Off both edges by a skin: along what halves them.
            [$a, $b] = [$in->left()->times(-1.0), $out->left()->times(-1.0)];
            $grown[] = $at->plus($a->plus($b)->times(self::SKIN_M / max(1e-9, 1 + $a->dot($b))));
        }

        return $grown;
    }

    /** @param  list<Vec2>  $corners */
    private static function crosses(array $corners): bool
    {
        $n = count($corners);
        for ($i = 0; $i < $n; $i++) {
            for ($j = $i + 2; $j < $n; $j++) {
                $edge = new Segment($corners[$i], $corners[$i + 1]);
                if (($i > 0 || $j < $n - 1) && $edge->crosses(new Segment($corners[$j], $corners[($j + 1) % $n]))) {
                    return true;
                }
            }
        }

        return false;
    }
}
