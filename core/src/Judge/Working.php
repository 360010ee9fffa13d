<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Measure\Quantity;

/** How a figure came about: the formula, what went in, and where the formula is from. */
final readonly class Working
{
    /** @param  array<string, Quantity|string>  $inputs by what they are called in the formula */
    public function __construct(public string $formula, public array $inputs, public string $source = 'geometry of the plan')
    {
    }
}
