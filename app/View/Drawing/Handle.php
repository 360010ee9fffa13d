<?php

declare(strict_types=1);

namespace App\View\Drawing;

/** Which fields of the plan a drag, a nudge or a turn of a drawn thing sets, and what they hold now. */
final readonly class Handle
{
    public function __construct(
        public string $pointer,
        public string $xField,
        public string $yField,
        public float $x,
        public float $y,
        public string $turnField,
        public float $turnDeg,
    ) {
    }
}
