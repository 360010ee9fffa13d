<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Measure\Quantity;

/** What could hurt somebody, or the place, in a plan that is right as it is. Its sentence stands in lang/en/cautions.php. */
final readonly class Caution
{
    /**
     * @param  array<string, Quantity|string>  $arguments
     * @param  list<string>  $about  ids of what raises it
     */
    public function __construct(public string $case, public array $arguments, public array $about)
    {
    }
}
