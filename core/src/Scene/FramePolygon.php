<?php

declare(strict_types=1);

namespace FineFrame\Scene;

/** One visible face in a frame: its outline in frame coordinates and how much light falls on it. */
final readonly class FramePolygon
{
    /**
     * @param  list<array{float, float}>  $points
     * @param  float  $stops  light on the face against the wanted exposure
     * @param  float  $blur  the blur disc of what it shows, as a share of the delivered frame's width
     * @param  float  $opacity  less than 1 for what glass gives back
     */
    public function __construct(
        public string $owner,
        public ThingKind $kind,
        public Material $material,
        public array $points,
        public float $stops,
        public float $blur = 0.0,
        public float $opacity = 1.0,
    ) {
    }
}
