<?php

declare(strict_types=1);

namespace FineFrame\Figures;

use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;

/** One computed figure: its id, its value and how it came about. */
final readonly class Figure
{
    /** @param  string  $about id of the thing it belongs to; $name: what it is, the same for all such things */
    public function __construct(
        public string $kind,
        public string $about,
        public string $name,
        public Quantity|string $value,
        public Working $working,
    ) {
    }

    public function id(): string
    {
        return "$this->kind.$this->about.$this->name";
    }
}
