<?php

declare(strict_types=1);

namespace FineFrame\Judge;

/** How an exercise went. */
final readonly class Outcome
{
    /**
     * @param  Finding|null  $before  what was wrong
     * @param  Finding|null  $after  the same as it is now; null where it holds
     * @param  list<Turned>  $worse  what became worse by what was done
     */
    public function __construct(public bool $isNamed, public ?Finding $before, public ?Finding $after, public array $worse)
    {
    }

    public function isMended(): bool
    {
        return $this->before !== null && $this->after === null;
    }

    /** Whether something breaks now that did not. */
    public function breaks(): bool
    {
        return array_filter($this->worse, static fn (Turned $t): bool => $t->after?->severity === Severity::Breaks) !== [];
    }
}
