<?php

declare(strict_types=1);

namespace FineFrame\Sun;

use FineFrame\Geometry\Vec3;

/** A patch of direct sun on the floor (no wall) or on a wall. */
final readonly class SunPatch
{
    /** @param  non-empty-list<Vec3>  $corners */
    public function __construct(public string $opening, public ?string $wall, public array $corners)
    {
    }

    public function areaM2(): float
    {
        $sum = new Vec3(0, 0, 0);
        foreach ($this->corners as $i => $corner) {
            $next = $this->corners[($i + 1) % count($this->corners)];
            $sum = $sum->plus($corner->minus($this->corners[0])->cross($next->minus($this->corners[0])));
        }

        return $sum->length() / 2;
    }
}
