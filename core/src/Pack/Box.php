<?php

declare(strict_types=1);

namespace FineFrame\Pack;

/** A thing to pack, by the box around it: its edges stay parallel to the case’s. */
final readonly class Box
{
    /**
     * @param  bool  $isUpright  its height stays vertical
     * @param  bool  $isFragile  nothing lies above it
     * @param  string  $group  what is wanted in one case with it
     *
     * @throws ImpossiblePack
     */
    public function __construct(
        public string $id,
        public float $lengthM,
        public float $widthM,
        public float $heightM,
        public float $kg,
        public bool $isUpright = false,
        public bool $isFragile = false,
        public string $group = '',
    ) {
        if (! (min($lengthM, $widthM, $heightM) > 0.0) || ! ($kg >= 0.0)) {
            throw ImpossiblePack::size($id);
        }
    }

    public function litres(): float
    {
        return 1000 * $this->lengthM * $this->widthM * $this->heightM;
    }

    /** @return list<array{float, float, float}> along the case, across it, up: each way to turn it once */
    public function turns(): array
    {
        [$l, $w, $h] = [$this->lengthM, $this->widthM, $this->heightM];
        $all = $this->isUpright
            ? [[$l, $w, $h], [$w, $l, $h]]
            : [[$l, $w, $h], [$w, $l, $h], [$l, $h, $w], [$h, $l, $w], [$w, $h, $l], [$h, $w, $l]];

        return array_values(array_column(array_map(static fn (array $t): array => [implode(' ', $t), $t], $all), 1, 0));
    }
}
