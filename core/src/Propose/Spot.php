<?php

declare(strict_types=1);

namespace FineFrame\Propose;

use FineFrame\Geometry\Vec2;

/**
 * A camera place under consideration, as plain numbers.
 *
 * @internal
 */
final readonly class Spot
{
    /**
     * @param  float  $turn  of the way from the subject to it, from where the subject faces, clockwise
     * @param  float  $fieldM  the frame's height at the face
     * @param  array<string, array{float, \FineFrame\Measure\Quantity|string, float}>  $reasons  score, what it was measured from, weight
     */
    public function __construct(
        public Vec2 $place,
        public float $heightM,
        public float $turn,
        public float $distanceM,
        public string $lens,
        public float $focalMm,
        public float $fieldM,
        public array $reasons,
        public float $score,
    ) {
    }
}
