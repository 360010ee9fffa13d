<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Measure\Unit;

/** The angle inside a corner as measured; the corner is named by the wall that begins there. */
final readonly class CornerAngle implements Part
{
    /** @param  array<string, mixed>  $extra */
    private function __construct(
        public string $id,
        public string $corner,
        public float $insideRad,
        public float $sigmaRad,
        private array $extra,
    ) {
    }

    public static function read(Node $node): self
    {
        return new self(
            $node->id(),
            $node->id('corner'),
            $node->angle('inside_deg', 1, 359),
            deg2rad($node->number('sigma_deg', 0.01, 20, Unit::Degree, 1.0)),
            $node->rest(),
        );
    }

    public function write(): array
    {
        return [
            'id' => $this->id,
            'corner' => $this->corner,
            'inside_deg' => round(rad2deg($this->insideRad), 9),
            'sigma_deg' => round(rad2deg($this->sigmaRad), 9),
        ] + $this->extra;
    }
}
