<?php

declare(strict_types=1);

namespace App\View\Drawing;

/** A thing on the floor as drawn. */
final readonly class Thing
{
    /**
     * @param  list<array{string, string}>  $shapes  class and path
     * @param  float  $ring  radius of the floor it takes, drawing units
     * @param  array{float, float}  $label
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $class,
        public array $shapes,
        public float $x,
        public float $y,
        public float $ring,
        public array $label,
        public Handle $handle,
    ) {
    }
}
