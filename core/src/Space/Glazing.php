<?php

declare(strict_types=1);

namespace FineFrame\Space;

/** What fills an opening, and the share of light it lets through (clean panes; docs/METHODS.md, Daylight). */
enum Glazing: string
{
    case Open = 'open';
    case Single = 'single';
    case Double = 'double';
    case Frosted = 'frosted';

    public function transmits(): float
    {
        return match ($this) {
            self::Open => 1.0,
            self::Single => 0.88,
            self::Double => 0.78,
            self::Frosted => 0.7,
        };
    }
}
