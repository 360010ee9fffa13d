<?php

declare(strict_types=1);

namespace FineFrame\Grip;

/** Which thing sits where, by which parts. */
final readonly class Arrangement
{
    /**
     * @param  array<string, list<string>>  $placed  by thing: kinds of parts from the place outward
     * @param  array<string, string>  $on  by thing: the place that its parts start from
     * @param  array<string, int>  $parts  pieces used, by kind
     */
    public function __construct(public array $placed = [], public array $on = [], public array $parts = [])
    {
    }

    /** @param  list<string>  $chain */
    public function with(string $thing, string $on, array $chain): self
    {
        return new self([$thing => $chain] + $this->placed, [$thing => $on] + $this->on, $this->parts);
    }

    public function using(string $kind): self
    {
        return new self($this->placed, $this->on, [$kind => ($this->parts[$kind] ?? 0) + 1] + $this->parts);
    }
}
