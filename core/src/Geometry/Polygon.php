<?php

declare(strict_types=1);

namespace FineFrame\Geometry;

/** A simple polygon on the floor or in a frame; corners in order, the last joins the first. */
final readonly class Polygon
{
    /** @param  non-empty-list<Vec2>  $corners at least three */
    public function __construct(public array $corners)
    {
    }

    public static function circle(Vec2 $centre, float $radius, int $sides = 16): self
    {
        return new self(array_map(
            static fn (int $i): Vec2 => $centre->plus(Vec2::towards(2 * M_PI * $i / $sides)->times($radius)),
            range(0, $sides - 1),
        ));
    }

    /** From the origin, across and up. */
    public static function rectangle(float $width, float $height): self
    {
        return new self([new Vec2(0, 0), new Vec2($width, 0), new Vec2($width, $height), new Vec2(0, $height)]);
    }

    /** A rectangle about $centre, its depth along the bearing. */
    public static function box(Vec2 $centre, float $width, float $depth, float $bearingRad): self
    {
        $ahead = Vec2::towards($bearingRad)->times($depth / 2);
        $left = Vec2::towards($bearingRad)->left()->times($width / 2);

        return new self([
            $centre->plus($ahead)->plus($left),
            $centre->minus($ahead)->plus($left),
            $centre->minus($ahead)->minus($left),
            $centre->plus($ahead)->minus($left),
        ]);
    }

    /** @return non-empty-list<Segment> */
    public function edges(): array
    {
        $count = count($this->corners);

        return array_map(
            fn (int $i): Segment => new Segment($this->corners[$i], $this->corners[($i + 1) % $count]),
            range(0, $count - 1),
        );
    }

    /** Positive when the corners run counter-clockwise. */
    public function signedArea(): float
    {
        $sum = 0.0;
        foreach ($this->edges() as $edge) {
            $sum += $edge->from->cross($edge->to);
        }

        return $sum / 2;
    }

    public function contains(Vec2 $point): bool
    {
        $inside = false;
        $from = $this->corners[count($this->corners) - 1];
        foreach ($this->corners as $to) {
            if (
                ($from->y > $point->y) !== ($to->y > $point->y)
                && $point->x < $from->x + ($point->y - $from->y) / ($to->y - $from->y) * ($to->x - $from->x)
            ) {
                $inside = ! $inside;
            }
            $from = $to;
        }

        return $inside;
    }

    /** The mean of the corners. */
    public function middle(): Vec2
    {
        return array_reduce(
            $this->corners,
            static fn (Vec2 $s, Vec2 $c): Vec2 => $s->plus($c),
            new Vec2(0, 0),
        )->times(1 / count($this->corners));
    }

    /** Zero inside. */
    public function distanceTo(Vec2 $point): float
    {
        return $this->contains($point) ? 0.0 : $this->borderDistanceTo($point);
    }

    public function borderDistanceTo(Vec2 $point): float
    {
        return min(array_map(static fn (Segment $edge): float => $edge->distanceTo($point), $this->edges()));
    }

    public function meetsCircle(Vec2 $centre, float $radius): bool
    {
        return $this->distanceTo($centre) < $radius;
    }

    /** Zero when the two overlap or one holds the other. */
    public function gapTo(self $other): float
    {
        foreach ($this->edges() as $mine) {
            foreach ($other->edges() as $theirs) {
                if ($mine->crosses($theirs)) {
                    return 0.0;
                }
            }
        }
        $gap = INF;
        foreach ($this->corners as $corner) {
            $gap = min($gap, $other->distanceTo($corner));
        }
        foreach ($other->corners as $corner) {
            $gap = min($gap, $this->distanceTo($corner));
        }

        return $gap;
    }

    /** Whether the two share floor, by more than the touch of two walls. */
    public function overlaps(self $other, float $touchM = 0.02): bool
    {
        foreach ([[$this, $other], [$other, $this]] as [$one, $two]) {
            foreach ($one->corners as $corner) {
                if ($two->contains($corner) && $two->borderDistanceTo($corner) > $touchM) {
                    return true;
                }
            }
        }
        foreach ($this->edges() as $mine) {
            foreach ($other->edges() as $theirs) {
                if (
                    $mine->crosses($theirs)
                    && min(
                        $theirs->distanceTo($mine->from),
                        $theirs->distanceTo($mine->to),
                        $mine->distanceTo($theirs->from),
                        $mine->distanceTo($theirs->to),
                    ) > $touchM
                ) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return array{int, int}|null the first two edges that cross, by index */
    public function selfCrossing(): ?array
    {
        $edges = $this->edges();
        foreach ($edges as $i => $one) {
            for ($j = $i + 2; $j < count($edges); $j++) {
                if ($one->crosses($edges[$j])) {
                    return [$i, $j];
                }
            }
        }

        return null;
    }
}
