<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Measure\Quantity;
use FineFrame\Plan\Edit;

/** A change to the plan that may make a finding hold. */
final readonly class Mend
{
    /**
     * @param  string  $case  names the wording
     * @param  array<string, Quantity|string>  $arguments
     * @param  list<Finding>  $brings  what is to be watched after it that was not before
     */
    public function __construct(public string $case, public array $arguments, public Edit $edit, public array $brings = [])
    {
    }

    /** @param  list<Finding>  $findings */
    public function bringing(array $findings): self
    {
        return new self($this->case, $this->arguments, $this->edit, $findings);
    }
}
