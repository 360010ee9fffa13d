<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Geometry\Segment;
use FineFrame\Geometry\Turn;
use FineFrame\Geometry\Vec2;

/** A solved wall: where it stands, walked counter-clockwise, so that the room lies to its left. */
final readonly class Wall
{
    public function __construct(public string $id, public string $name, public Segment $line)
    {
    }

    public function inward(): Vec2
    {
        return $this->line->direction()->left();
    }

    /** The true bearing of the plan's up, when this wall, from its beginning on, runs along a true bearing. */
    public function northFor(float $trueRad): float
    {
        return Turn::wrapped($trueRad - $this->line->direction()->bearing());
    }

    /** Whether a tape from the place meets the wall squarely. */
    public function faces(Vec2 $place): bool
    {
        $along = $this->line->direction()->dot($place->minus($this->line->from));

        return $along >= 0 && $along <= $this->line->length();
    }

    /** A piece of it, from so far along. */
    public function part(float $offsetM, float $lengthM): Segment
    {
        return new Segment($this->along($offsetM), $this->along($offsetM + $lengthM));
    }

    public function along(float $offsetM): Vec2
    {
        return $this->line->from->plus($this->line->direction()->times($offsetM));
    }
}
