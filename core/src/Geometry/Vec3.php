<?php

declare(strict_types=1);

namespace FineFrame\Geometry;

/** A point or direction in the room, metres, z up from the finished floor. */
final readonly class Vec3
{
    public function __construct(public float $x, public float $y, public float $z)
    {
    }

    public static function between(self $a, self $b, float $share): self
    {
        return $a->plus($b->minus($a)->times($share));
    }

    public function plus(self $other): self
    {
        return new self($this->x + $other->x, $this->y + $other->y, $this->z + $other->z);
    }

    public function minus(self $other): self
    {
        return new self($this->x - $other->x, $this->y - $other->y, $this->z - $other->z);
    }

    public function times(float $factor): self
    {
        return new self($this->x * $factor, $this->y * $factor, $this->z * $factor);
    }

    public function dot(self $other): float
    {
        return $this->x * $other->x + $this->y * $other->y + $this->z * $other->z;
    }

    public function cross(self $other): self
    {
        return new self(
            $this->y * $other->z - $this->z * $other->y,
            $this->z * $other->x - $this->x * $other->z,
            $this->x * $other->y - $this->y * $other->x,
        );
    }

    public function length(): float
    {
        return sqrt($this->x * $this->x + $this->y * $this->y + $this->z * $this->z);
    }

    public function distanceTo(self $other): float
    {
        return $this->minus($other)->length();
    }

    /** The zero vector stays as it is. */
    public function unit(): self
    {
        $length = $this->length();

        return $length > 0.0 ? $this->times(1 / $length) : $this;
    }

    public function floor(): Vec2
    {
        return new Vec2($this->x, $this->y);
    }

    /** Radians above the horizon. */
    public function elevation(): float
    {
        return atan2($this->z, hypot($this->x, $this->y));
    }

    public function angleTo(self $other): float
    {
        return atan2($this->cross($other)->length(), $this->dot($other));
    }
}
