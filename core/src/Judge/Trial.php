<?php

declare(strict_types=1);

namespace FineFrame\Judge;

/** A plan after a change, asked check by check; what was asked once is known. */
final class Trial
{
    /** @var array<string, list<Finding>> by check */
    private array $found = [];

    public function __construct(private readonly Situation $after)
    {
    }

    /** @return list<Finding> */
    public function of(Check $check): array
    {
        return $this->found[$check->id()] ??= array_values([...$check->run($this->after)]);
    }
}
