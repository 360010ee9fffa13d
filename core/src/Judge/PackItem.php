<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Pack\Box;

/** Something to take along: how many, for what, and the box around one of it. */
final readonly class PackItem
{
    /**
     * @param  string  $id  the model, or kind/name where it has none
     * @param  string  $kind  names the wording, and the rule for spares
     * @param  int  $needed  over setups that are on at one time
     * @param  int|null  $there  counted on that day; null where nobody has
     * @param  array<string, list<string>>  $why  ids of things by setup
     * @param  bool  $isSized  whether somebody has measured it; else its size is a usual one
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $kind,
        public int $needed,
        public int $spares,
        public ?int $there,
        public array $why,
        public Box $box,
        public bool $isSized,
        public bool $isFaulty,
        public string $due,
    ) {
    }

    /** What is taken: spares only as far as there are any. */
    public function count(): int
    {
        $wanted = $this->needed + $this->spares;

        return $this->there === null ? $wanted : max(min($wanted, $this->there), min($this->needed, $this->there));
    }

    public function short(): int
    {
        return $this->there === null ? 0 : max(0, $this->needed - $this->there);
    }
}
