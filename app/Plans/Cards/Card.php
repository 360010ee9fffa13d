<?php

declare(strict_types=1);

namespace App\Plans\Cards;

/** What can be typed about one thing, in groups; its figures are found by kind and id. */
final readonly class Card
{
    /**
     * @param  array<string, list<Field>>  $groups  by heading
     * @param  array<string, mixed>  $seeds  what must stand in the plan before a field below it can be set, by pointer
     * @param  string|null  $pointer  of the thing, when it can be taken out of the plan
     */
    public function __construct(
        public string $id,
        public string $title,
        public string $figureKind,
        public array $groups,
        public ?string $pointer = null,
        public string $note = '',
        public array $seeds = [],
    ) {
    }

    /** @return list<Field> */
    public function fields(): array
    {
        return array_merge([], ...array_values($this->groups));
    }
}
