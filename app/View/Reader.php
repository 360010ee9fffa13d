<?php

declare(strict_types=1);

namespace App\View;

use FineFrame\Measure\Length;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\UnitSystem;

/** Who reads: in which units, in which theme. */
final readonly class Reader
{
    public function __construct(public UnitSystem $units = UnitSystem::Metric, public string $theme = 'day')
    {
    }

    public function print(Quantity|string|int|float|null $value): string
    {
        return $value instanceof Quantity ? $value->print($this->units) : (string) $value;
    }

    public function metres(?float $metres): string
    {
        return Quantity::metres($metres)->print($this->units);
    }

    /** A length to put into a field: as precise as it is kept, in the reader's units. */
    public function field(float $metres): string
    {
        return $this->units === UnitSystem::Metric
            ? rtrim(rtrim(number_format($metres, 3, '.', ''), '0'), '.').' m'
            : str_replace(['′ ', '″', '½'], ["'", '"', ' 1/2'], Length::of($metres)->print($this->units));
    }
}
