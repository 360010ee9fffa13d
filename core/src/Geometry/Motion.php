<?php

declare(strict_types=1);

namespace FineFrame\Geometry;

/** A plane moved without stretching: turned about the origin, then shifted. */
final readonly class Motion
{
    /** @param  float  $turnRad  counter-clockwise */
    public function __construct(public float $turnRad, public Vec2 $shift)
    {
    }

    public static function none(): self
    {
        return new self(0.0, new Vec2(0, 0));
    }

    /** The motion that lays a segment upon another: its beginning on the beginning, its direction along. */
    public static function laying(Segment $one, Segment $upon): self
    {
        [$from, $to] = [$one->direction(), $upon->direction()];
        $turned = new self(atan2($from->cross($to), $from->dot($to)), new Vec2(0, 0));

        return new self($turned->turnRad, $upon->from->minus($turned->apply($one->from)));
    }

    public function apply(Vec2 $p): Vec2
    {
        return $this->turned($p)->plus($this->shift);
    }

    /** A direction, which a shift leaves as it is. */
    public function turned(Vec2 $p): Vec2
    {
        [$c, $s] = [cos($this->turnRad), sin($this->turnRad)];

        return new Vec2($p->x * $c - $p->y * $s, $p->x * $s + $p->y * $c);
    }

    public function segment(Segment $s): Segment
    {
        return new Segment($this->apply($s->from), $this->apply($s->to));
    }

    /** This one after another. */
    public function after(self $first): self
    {
        return new self($first->turnRad + $this->turnRad, $this->apply($first->shift));
    }
}
