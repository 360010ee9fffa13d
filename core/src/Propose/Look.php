<?php

declare(strict_types=1);

namespace FineFrame\Propose;

use FineFrame\Geometry\Vec2;
use FineFrame\Measure\Quantity;

/**
 * A place for a camera at a performance, as plain numbers: where, how high, with what glass, turned to where.
 *
 * @internal
 */
final readonly class Look
{
    /**
     * @param  float  $bearingRad  of the axis; `$halfRad` of its frame to either side of it
     * @param  array<string, array{float, Quantity|string, float}>  $reasons  score, what it was measured from, weight
     */
    public function __construct(
        public Job $job,
        public Vec2 $place,
        public float $heightM,
        public string $lens,
        public float $focalMm,
        public float $bearingRad,
        public float $tiltRad,
        public float $halfRad,
        public array $reasons,
        public float $score,
    ) {
    }
}
