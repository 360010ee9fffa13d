<?php

declare(strict_types=1);

namespace FineFrame\Pack;

/** A case by its inside, and what it may hold. */
final readonly class CaseSize
{
    /**
     * @param  string  $for  the group of things that it is kept for; empty for any
     *
     * @throws ImpossiblePack
     */
    public function __construct(
        public string $id,
        public float $lengthM,
        public float $widthM,
        public float $heightM,
        public float $maxKg,
        public string $for = '',
    ) {
        if (! (min($lengthM, $widthM, $heightM, $maxKg) > 0.0)) {
            throw ImpossiblePack::size($id);
        }
    }

    public function litres(): float
    {
        return 1000 * $this->lengthM * $this->widthM * $this->heightM;
    }
}
