<?php

declare(strict_types=1);

namespace FineFrame\Judge;

/** One rule of the craft. Its class name is the sentence it enforces. */
interface Check
{
    /** The name by which files and programs know this rule. */
    public function id(): string;

    public function stage(): Stage;

    /** @return iterable<Finding> what breaks, what to watch and what holds */
    public function run(Situation $situation): iterable;
}
