<?php

declare(strict_types=1);

namespace FineFrame\Judge;

enum Severity: string
{
    case Holds = 'holds';
    case Watch = 'watch';
    case Breaks = 'breaks';

    /** Worst first. */
    public function rank(): int
    {
        return match ($this) {
            self::Breaks => 0,
            self::Watch => 1,
            self::Holds => 2,
        };
    }

    /** Breaks below the first limit, to watch below the second. */
    public static function below(float $value, float $breaks, float $watch): self
    {
        return match (true) {
            $value < $breaks => self::Breaks,
            $value < $watch => self::Watch,
            default => self::Holds,
        };
    }

    /** To watch above the first limit, breaks above the second. */
    public static function above(float $value, float $watch, float $breaks): self
    {
        return self::below(-$value, -$breaks, -$watch);
    }
}
