<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Geometry\Vec2;

/** The ceiling's height as taped at one place, and the slope that it lies on. */
final readonly class CeilingPoint implements Part
{
    /** @param  array<string, mixed>  $extra */
    private function __construct(public Vec2 $at, public float $heightM, public string $slope, private array $extra)
    {
    }

    public static function read(Node $node): self
    {
        return new self(
            new Vec2($node->metres('x_m', -200, 200), $node->metres('y_m', -200, 200)),
            $node->metres('height_m', 0.1, 40),
            $node->text('slope', '1', 20),
            $node->rest(),
        );
    }

    public function write(): array
    {
        return ['x_m' => $this->at->x, 'y_m' => $this->at->y, 'height_m' => $this->heightM, 'slope' => $this->slope] + $this->extra;
    }
}
