<?php

declare(strict_types=1);

namespace FineFrame\Light;

enum Tint: string
{
    case Green = 'green';
    case Magenta = 'magenta';
    case Neutral = 'neutral';

    /** Nobody sees a smaller distance from the black body than this. */
    private const DEAD_BAND = 0.0005;

    public static function of(float $duv): self
    {
        return match (true) {
            $duv > self::DEAD_BAND => self::Green,
            $duv < -self::DEAD_BAND => self::Magenta,
            default => self::Neutral,
        };
    }
}
