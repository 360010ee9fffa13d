<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Geometry\Convex;
use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Segment;
use FineFrame\Geometry\Vec2;

/** Something solid on a floor that people walk round: convex, and as much larger all round as its radius says. */
final readonly class FloorBody
{
    private float $reachM;

    private Vec2 $middle;

    /**
     * @param  non-empty-list<Vec2>  $core  one point, two ends, or the corners of something convex
     */
    private function __construct(public string $id, public array $core, public float $radiusM)
    {
        $this->middle = array_reduce($core, static fn (Vec2 $s, Vec2 $c): Vec2 => $s->plus($c), new Vec2(0, 0))->times(1 / count($core));
        $this->reachM = $radiusM + max(array_map($this->middle->distanceTo(...), $core));
    }

    /** @throws ImpossibleWay */
    public static function round(string $id, Vec2 $centre, float $radiusM): self
    {
        return $radiusM > 0.0 ? new self($id, [$centre], $radiusM) : throw ImpossibleWay::flat($id);
    }

    public static function piece(string $id, Polygon $convex): self
    {
        return new self($id, $convex->corners, 0.0);
    }

    public static function line(string $id, Segment $line): self
    {
        return new self($id, [$line->from, $line->to], 0.0);
    }

    /** A point within it that ways through it are counted by. */
    public function middle(): Vec2
    {
        return $this->middle;
    }

    public function contains(Vec2 $at): bool
    {
        return $this->distanceTo($at) <= 0.0;
    }

    /** Metres from its border; 0 within. */
    public function distanceTo(Vec2 $at): float
    {
        if (count($this->core) > 2 && (new Polygon($this->core))->contains($at)) {
            return 0.0;
        }

        return max(0.0, min(array_map(static fn (Segment $s): float => $s->distanceTo($at), $this->sides())) - $this->radiusM);
    }

    /** A gap is no smaller than this, metres; quickly had. */
    public function leastGapTo(self $other): float
    {
        return $this->middle->distanceTo($other->middle) - $this->reachM - $other->reachM;
    }

    /** @return array{float, Vec2, Vec2} the gap to another, 0 where they touch; and where it is least, in this one and in the other */
    public function gapTo(self $other): array
    {
        $shared = $this->leastGapTo($other) > 0.0 ? null : $this->shares($other);
        if ($shared !== null) {
            return [0.0, $shared, $shared];
        }
        $best = [INF, $this->middle, $other->middle];
        foreach ($this->core as $corner) {
            foreach ($other->sides() as $side) {
                $near = $side->nearestTo($corner);
                $best = $near->distanceTo($corner) < $best[0] ? [$near->distanceTo($corner), $corner, $near] : $best;
            }
        }
        foreach ($other->core as $corner) {
            foreach ($this->sides() as $side) {
                $near = $side->nearestTo($corner);
                $best = $near->distanceTo($corner) < $best[0] ? [$near->distanceTo($corner), $near, $corner] : $best;
            }
        }

        return [max(0.0, $best[0] - $this->radiusM - $other->radiusM), $best[1], $best[2]];
    }

    /** @return Polygon where the middle of somebody so wide cannot be; its round corners in steps of 15° */
    public function grown(float $byM): Polygon
    {
        $points = [];
        foreach ($this->core as $corner) {
            array_push($points, ...Polygon::circle($corner, $this->radiusM + $byM, 24)->corners);
        }

        $hull = Convex::hull(array_map(static fn (Vec2 $p): array => [$p->x, $p->y], $points));

        return new Polygon(array_map(static fn (array $p): Vec2 => new Vec2($p[0], $p[1]), $hull) ?: $this->core);
    }

    /** @return non-empty-list<Segment> */
    private function sides(): array
    {
        return match (count($this->core)) {
            1 => [new Segment($this->core[0], $this->core[0])],
            2 => [new Segment($this->core[0], $this->core[1])],
            default => (new Polygon($this->core))->edges(),
        };
    }

    /** @return Vec2|null a point that both cores hold */
    private function shares(self $other): ?Vec2
    {
        foreach ($this->sides() as $mine) {
            foreach ($other->sides() as $theirs) {
                $towards = $mine->to->minus($mine->from);
                $far = $mine->crosses($theirs) ? $theirs->hitBy($mine->from, $towards->unit()) : null;
                if ($far !== null) {
                    return $mine->from->plus($towards->unit()->times($far));
                }
            }
        }
        foreach ([[$this, $other], [$other, $this]] as [$one, $two]) {
            foreach ($one->core as $corner) {
                if (count($two->core) > 2 && (new Polygon($two->core))->contains($corner)) {
                    return $corner;
                }
            }
        }

        return null;
    }
}
