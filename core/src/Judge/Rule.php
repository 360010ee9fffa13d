<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Measure\Quantity;

/** What every check shares: making findings under its own id and stage. */
abstract class Rule implements Check
{
    /**
     * @param  array<string, Quantity|string>  $arguments
     * @param  list<string>  $about
     * @param  list<Mend>|\Closure(): list<Mend>  $ideas
     */
    protected function finding(
        Severity $severity,
        array $arguments,
        array $about,
        Working $working,
        array|\Closure $ideas = [],
        ?string $case = null,
    ): Finding {
        return new Finding(
            $this->id(),
            $this->stage(),
            $severity,
            $case ?? ($severity === Severity::Holds ? 'holds' : 'fails'),
            $arguments,
            $about,
            $working,
            $severity === Severity::Holds ? [] : $ideas,
        );
    }
}
