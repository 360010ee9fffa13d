<?php

declare(strict_types=1);

namespace FineFrame\Propose;

use FineFrame\Measure\Quantity;

/** One thing a proposal is scored by: how well it does, from 0 to 1, what that was measured from, and how much it counts. */
final readonly class Reason
{
    public function __construct(public string $name, public float $score, public Quantity|string $value, public float $weight)
    {
    }
}
