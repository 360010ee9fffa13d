<?php

declare(strict_types=1);

namespace FineFrame\Pack;

/** What lies where, and what stays out. */
final readonly class Packing
{
    /**
     * @param  array<string, list<Laid>>  $cases  by case; those that are used
     * @param  list<Box>  $left
     */
    public function __construct(public array $cases, public array $left)
    {
    }
}
