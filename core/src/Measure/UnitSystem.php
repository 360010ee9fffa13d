<?php

declare(strict_types=1);

namespace FineFrame\Measure;

/** What the reader sees and what a bare number means when typed. */
enum UnitSystem: string
{
    case Metric = 'metric';
    case Imperial = 'imperial';

    public function bareLength(): LengthUnit
    {
        return match ($this) {
            self::Metric => LengthUnit::Metre,
            self::Imperial => LengthUnit::Foot,
        };
    }
}
