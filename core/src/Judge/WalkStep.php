<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Geometry\Vec2;

/** A place on a walk, and the light there. */
final readonly class WalkStep
{
    /**
     * @param  float  $share  of the way
     * @param  float  $stops  over the wanted exposure at the face
     * @param  float|null  $behind  stops that what is behind looks over skin in the light on the face; null with no camera on them
     * @param  string|null  $boom  the boom that is in the way of a carried lamp, or of its hands
     */
    public function __construct(
        public float $share,
        public Vec2 $place,
        public float $lux,
        public float $stops,
        public ?float $behind,
        public ?string $boom,
    ) {
    }
}
