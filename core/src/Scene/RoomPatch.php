<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Vec3;

/** A part of a wall, the floor or the ceiling: where it is, and how much of the light on it it sends back. */
final readonly class RoomPatch
{
    /**
     * @param  list<Vec3>  $corners  counter-clockwise seen from the room
     * @param  float  $gives  the share of light that it sends back
     */
    public function __construct(public array $corners, public Vec3 $middle, public Vec3 $normal, public float $areaM2, public float $gives)
    {
    }
}
