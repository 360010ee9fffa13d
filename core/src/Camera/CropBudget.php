<?php

declare(strict_types=1);

namespace FineFrame\Camera;

/** How far a larger recording can be cropped for a delivery; real pixels, no rounding. */
final readonly class CropBudget
{
    public float $fitWidthPx;

    public float $fitHeightPx;

    public function __construct(
        public float $sourceWidthPx,
        public float $sourceHeightPx,
        public float $outputWidthPx,
        float $outputHeightPx,
        public float $zoom,
    ) {
        $aspect = $outputWidthPx / $outputHeightPx;
        $wide = $aspect >= $sourceWidthPx / $sourceHeightPx;
        $this->fitWidthPx = $wide ? $sourceWidthPx : $sourceHeightPx * $aspect;
        $this->fitHeightPx = $wide ? $sourceWidthPx / $aspect : $sourceHeightPx;
    }

    /** The zoom at which one source pixel meets one output pixel. */
    public function cleanZoom(): float
    {
        return $this->fitWidthPx / $this->outputWidthPx;
    }

    /** @return array{float, float} the cropped window, px */
    public function window(): array
    {
        return [$this->fitWidthPx / $this->zoom, $this->fitHeightPx / $this->zoom];
    }

    public function sourcePerOutput(): float
    {
        return $this->cleanZoom() / $this->zoom;
    }
}
