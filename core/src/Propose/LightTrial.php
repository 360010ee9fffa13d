<?php

declare(strict_types=1);

namespace FineFrame\Propose;

use FineFrame\Judge\Situation;

/** A recipe as it would stand, before it is judged. */
final readonly class LightTrial
{
    /**
     * @param  array<string, mixed>  $values  the edit
     * @param  list<string>  $own  ids of what it places
     * @param  float  $score  with nothing to watch
     */
    public function __construct(public array $values, public Situation $after, public array $own, public float $score)
    {
    }
}
