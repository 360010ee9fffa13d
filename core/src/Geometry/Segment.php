<?php

declare(strict_types=1);

namespace FineFrame\Geometry;

final readonly class Segment
{
    public function __construct(public Vec2 $from, public Vec2 $to)
    {
    }

    public function length(): float
    {
        return $this->from->distanceTo($this->to);
    }

    public function direction(): Vec2
    {
        return $this->to->minus($this->from)->unit();
    }

    public function at(float $share): Vec2
    {
        return $this->from->plus($this->to->minus($this->from)->times($share));
    }

    public function nearestTo(Vec2 $point): Vec2
    {
        $along = $this->to->minus($this->from);
        $square = $along->dot($along);
        $share = $square > 0.0 ? $point->minus($this->from)->dot($along) / $square : 0.0;

        return $this->at(max(0.0, min(1.0, $share)));
    }

    public function distanceTo(Vec2 $point): float
    {
        return $this->nearestTo($point)->distanceTo($point);
    }

    /** How far along a ray (from $origin in the unit direction $towards) this segment is met, or null. */
    public function hitBy(Vec2 $origin, Vec2 $towards): ?float
    {
        $along = $this->to->minus($this->from);
        $cross = $towards->cross($along);
        if (abs($cross) < 1e-12) {
            return null;
        }
        $gap = $this->from->minus($origin);
        $distance = $gap->cross($along) / $cross;
        $share = $gap->cross($towards) / $cross;

        return $distance >= 0 && $share >= -1e-9 && $share <= 1 + 1e-9 ? $distance : null;
    }

    public function crosses(self $other): bool
    {
        $side = static fn (self $s, Vec2 $p): float => $s->to->minus($s->from)->cross($p->minus($s->from));

        return $side($this, $other->from) * $side($this, $other->to) < 0
            && $side($other, $this->from) * $side($other, $this->to) < 0;
    }
}
