<?php

declare(strict_types=1);

namespace FineFrame\Measure;

enum LengthUnit: string
{
    case Metre = 'm';
    case Centimetre = 'cm';
    case Millimetre = 'mm';
    case Foot = 'ft';
    case Inch = 'in';

    /** International foot of 0.3048 m exactly (1959 agreement). */
    public function inMetres(): float
    {
        return match ($this) {
            self::Metre => 1.0,
            self::Centimetre => 0.01,
            self::Millimetre => 0.001,
            self::Foot => 0.3048,
            self::Inch => 0.0254,
        };
    }
}
