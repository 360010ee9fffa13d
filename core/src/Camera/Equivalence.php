<?php

declare(strict_types=1);

namespace FineFrame\Camera;

/** Crop factors against a reference sensor, 36 × 24 mm unless said; the application shows the one by width. */
final readonly class Equivalence
{
    public function __construct(private FieldOfView $lens, private float $referenceWidthMm = 36.0, private float $referenceHeightMm = 24.0)
    {
    }

    public function byWidth(): float
    {
        return $this->referenceWidthMm / $this->lens->widthMm;
    }

    public function byHeight(): float
    {
        return $this->referenceHeightMm / $this->lens->heightMm;
    }

    public function byDiagonal(): float
    {
        return hypot($this->referenceWidthMm, $this->referenceHeightMm) / $this->lens->diagonalMm();
    }
}
