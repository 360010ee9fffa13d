<?php

declare(strict_types=1);

namespace FineFrame\Geometry;

/** A point or direction on the floor, metres; bearings run clockwise from +y. */
final readonly class Vec2
{
    public function __construct(public float $x, public float $y)
    {
    }

    public static function towards(float $bearingRad): self
    {
        return new self(sin($bearingRad), cos($bearingRad));
    }

    public function plus(self $other): self
    {
        return new self($this->x + $other->x, $this->y + $other->y);
    }

    public function minus(self $other): self
    {
        return new self($this->x - $other->x, $this->y - $other->y);
    }

    public function times(float $factor): self
    {
        return new self($this->x * $factor, $this->y * $factor);
    }

    public function dot(self $other): float
    {
        return $this->x * $other->x + $this->y * $other->y;
    }

    /** The z component of the cross product: positive when $other lies to the left. */
    public function cross(self $other): float
    {
        return $this->x * $other->y - $this->y * $other->x;
    }

    public function length(): float
    {
        return hypot($this->x, $this->y);
    }

    public function distanceTo(self $other): float
    {
        return hypot($this->x - $other->x, $this->y - $other->y);
    }

    /** The zero vector stays as it is. */
    public function unit(): self
    {
        $length = $this->length();

        return $length > 0.0 ? $this->times(1 / $length) : $this;
    }

    /** A quarter turn counter-clockwise. */
    public function left(): self
    {
        return new self(-$this->y, $this->x);
    }

    public function turnedClockwise(float $rad): self
    {
        [$s, $c] = [sin($rad), cos($rad)];

        return new self($this->x * $c + $this->y * $s, $this->y * $c - $this->x * $s);
    }

    /** Radians clockwise from +y, in (−π, π]. */
    public function bearing(): float
    {
        return atan2($this->x, $this->y);
    }

    public function at(float $z): Vec3
    {
        return new Vec3($this->x, $this->y, $z);
    }
}
