<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Vec3;

/** A shadow with an edge of its own on a wall. */
final readonly class Silhouette
{
    /**
     * @param  string  $owner  who or what throws it
     * @param  list<Vec3>  $at  the middles of its parts, a little before the wall
     * @param  float  $share  of the light there, what the lamp gives where nothing is in its way
     * @param  float  $edgeM  how wide its edge is
     * @param  array{float, float}  $heightM  from and to
     * @param  list<string>  $cameras  that see some of it
     */
    public function __construct(
        public string $lamp,
        public string $owner,
        public string $wall,
        public array $at,
        public float $share,
        public float $edgeM,
        public array $heightM,
        public array $cameras,
    ) {
    }
}
