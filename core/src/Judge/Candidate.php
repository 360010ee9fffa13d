<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Measure\Quantity;

/** One place in a comparison. */
final readonly class Candidate
{
    /**
     * @param  array<string, array{float|null, string|Quantity}>  $scores  by criterion: the score and what it comes from
     * @param  float  $score  weighed mean of what is known
     * @param  float  $known  share of the weights that something is known about
     * @param  list<string>  $stoppedBy  hard stops that rule it out
     */
    public function __construct(
        public PlaceView $view,
        public array $scores,
        public float $score,
        public float $known,
        public array $stoppedBy,
        public Working $working,
    ) {
    }
}
