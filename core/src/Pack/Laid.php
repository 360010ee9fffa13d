<?php

declare(strict_types=1);

namespace FineFrame\Pack;

/** A box where it lies in its case: its near lower corner, and its size as it is turned. */
final readonly class Laid
{
    public function __construct(
        public Box $box,
        public float $x,
        public float $y,
        public float $z,
        public float $dx,
        public float $dy,
        public float $dz,
    ) {
    }

    /** Whether two may not lie as they do: one in the other, or over one that bears nothing. Touching is allowed. */
    public function hinders(self $other): bool
    {
        $e = Crate::MARGIN_M;
        $isOver = $this->x < $other->x + $other->dx - $e && $other->x < $this->x + $this->dx - $e
            && $this->y < $other->y + $other->dy - $e && $other->y < $this->y + $this->dy - $e;
        if (! $isOver) {
            return false;
        }
        if ($this->z < $other->z + $other->dz - $e && $other->z < $this->z + $this->dz - $e) {
            return true;
        }

        return $this->z >= $other->z + $other->dz - $e ? $other->box->isFragile : $this->box->isFragile;
    }

    /** @param  list<self>  $others */
    public function isFree(array $others): bool
    {
        foreach ($others as $other) {
            if ($this->hinders($other)) {
                return false;
            }
        }

        return true;
    }

    public function isInside(CaseSize $case): bool
    {
        return $this->x + $this->dx <= $case->lengthM + Crate::MARGIN_M
            && $this->y + $this->dy <= $case->widthM + Crate::MARGIN_M
            && $this->z + $this->dz <= $case->heightM + Crate::MARGIN_M;
    }

    /**
     * The better of two: low, then far back, then to the side, so that what is left free stays in one piece. Of what nothing may lie on,
     * the one that takes the least floor.
     */
    public function lower(?self $best): self
    {
        return $best === null || $this->order() < $best->order() ? $this : $best;
    }

    /** @return list<float> */
    private function order(): array
    {
        return [$this->box->isFragile ? round($this->dx * $this->dy, 6) : 0.0, $this->z + $this->dz, $this->y, $this->x];
    }

    public function key(): string
    {
        return sprintf('%s %.4f %.4f %.4f %.4f %.4f', $this->box->id, $this->x, $this->y, $this->z, $this->dx, $this->dy);
    }
}
