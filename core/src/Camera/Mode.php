<?php

declare(strict_types=1);

namespace FineFrame\Camera;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Measure\Unit;

/** A way in which a body records: the area it uses, its pixels, how fast, how long at a stretch, how much it writes. */
final readonly class Mode implements Part
{
    /**
     * @param  float  $limitMin  minutes until it stops by itself; 0 for never
     * @param  array<string, mixed>  $extra
     */
    private function __construct(
        public string $id,
        public string $name,
        public float $widthMm,
        public float $heightMm,
        public int $widthPx,
        public int $heightPx,
        public float $mostFps,
        public float $limitMin,
        public float $mbps,
        private array $extra,
    ) {
    }

    public static function read(Node $node): self
    {
        return new self(
            $node->id(),
            $node->text('name'),
            $node->number('width_mm', 1, 100, Unit::Millimetre),
            $node->number('height_mm', 1, 100, Unit::Millimetre),
            $node->whole('width_px', 320, 20000),
            $node->whole('height_px', 240, 20000),
            $node->number('most_fps', 1, 1000, Unit::Count, 60.0),
            $node->number('limit_min', 0, 10_000, Unit::Count, 0.0),
            $node->number('mbps', 1, 10_000, Unit::Count, 150.0),
            $node->rest(),
        );
    }

    public function write(): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'width_mm' => $this->widthMm,
            'height_mm' => $this->heightMm,
            'width_px' => $this->widthPx,
            'height_px' => $this->heightPx,
            'most_fps' => $this->mostFps, 'limit_min' => $this->limitMin, 'mbps' => $this->mbps,
        ] + $this->extra;
    }
}
