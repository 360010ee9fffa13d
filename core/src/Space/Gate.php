<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Geometry\Segment;

/** A door or a way that people walk, as a cable meets it: crossed at a price, or gone over along the top of the door. */
final readonly class Gate
{
    /**
     * @param  Segment  $line  the way people walk, or the threshold
     * @param  Segment|null  $jambs  from one jamb to the other; null where it cannot be gone over
     * @param  float  $overM  how high the door is
     *
     * @throws ImpossibleWay
     */
    public function __construct(
        public string $id,
        public Segment $line,
        public float $extraM = 0.0,
        public ?Segment $jambs = null,
        public float $overM = 0.0,
    ) {
        if ($extraM < 0.0 || $overM < 0.0) {
            throw ImpossibleWay::negative('What a crossing costs, and the height of a door,');
        }
    }
}
