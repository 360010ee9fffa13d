<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Geometry\Segment;
use FineFrame\Geometry\Vec2;

/** A solved wall: where it stands, walked counter-clockwise, so that the room lies to its left. */
final readonly class Wall
{
    public function __construct(public string $id, public string $name, public Segment $line) {}

    public function inward(): Vec2
    {
        return $this->line->direction()->left();
    }

    public function along(float $offsetM): Vec2
    {
        return $this->line->from->plus($this->line->direction()->times($offsetM));
    }
}
