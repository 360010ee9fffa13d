<?php

declare(strict_types=1);

namespace FineFrame\Camera;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Measure\Unit;

/** A prime (one focal length) or a zoom, with its size, nearest focus and widest T-stop. */
final readonly class Lens implements Part
{
    /** @param  array<string, mixed>  $extra */
    private function __construct(
        public string $id,
        public string $name,
        public float $shortestMm,
        public float $longestMm,
        public float $widestT,
        public float $transmission,
        public float $nearestFocusM,
        public float $lengthM,
        public float $frontM,
        public bool $parfocal,
        private array $extra,
    ) {
    }

    public static function read(Node $node): self
    {
        $shortest = $node->number('focal_min_mm', 1, 2000, Unit::Millimetre);
        $lens = new self(
            $node->id(),
            $node->text('name'),
            $shortest,
            $node->number('focal_max_mm', 1, 2000, Unit::Millimetre, $shortest),
            $node->number('t_min', 0.5, 64, Unit::TStop),
            $node->number('transmission', 0.3, 1, Unit::Share, 0.9),
            $node->metres('nearest_focus_m', 0.01, 20, 0.5),
            $node->metres('length_m', 0.01, 2, 0.1),
            $node->metres('front_m', 0.01, 1, 0.08),
            $node->flag('parfocal', false),
            $node->rest(),
        );
        if ($lens->longestMm < $lens->shortestMm) {
            $node->wrong('focal_max_mm', 'must not be shorter than the shortest focal length');
        }

        return $lens;
    }

    public function isZoom(): bool
    {
        return $this->longestMm > $this->shortestMm;
    }

    public function write(): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'focal_min_mm' => $this->shortestMm,
            'focal_max_mm' => $this->longestMm,
            't_min' => $this->widestT,
            'transmission' => $this->transmission,
            'nearest_focus_m' => $this->nearestFocusM,
            'length_m' => $this->lengthM,
            'front_m' => $this->frontM,
            'parfocal' => $this->parfocal,
        ] + $this->extra;
    }
}
