<?php

declare(strict_types=1);

namespace FineFrame\Judge;

/** A rule that a place alone can keep or break. */
abstract class PlaceRule extends Rule
{
    public function stage(): Stage
    {
        return Stage::Scout;
    }

    public function run(Situation $situation): iterable
    {
        return $this->look($situation->place());
    }

    /** @return iterable<Finding> */
    abstract public function look(PlaceView $view): iterable;
}
