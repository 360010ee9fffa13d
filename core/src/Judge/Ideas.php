<?php

declare(strict_types=1);

namespace FineFrame\Judge;

/** Mends that need a place for something new: found by whoever places things. */
interface Ideas
{
    /** @return iterable<Mend> the check’s own among them, in the order in which they are to be tried */
    public function for(Situation $situation, Finding $finding): iterable;
}
