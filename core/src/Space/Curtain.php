<?php

declare(strict_types=1);

namespace FineFrame\Space;

/** What hangs before a window, and the share of light it lets through (middle of what cloths are rated at). */
enum Curtain: string
{
    case None = 'none';
    case Sheer = 'sheer';
    case Lined = 'lined';
    case Blackout = 'blackout';

    public function transmits(): float
    {
        return match ($this) {
            self::None => 1.0,
            self::Sheer => 0.45,
            self::Lined => 0.06,
            self::Blackout => 0.0,
        };
    }

    /** Whether direct sun still throws a patch through it. */
    public function passesSun(): bool
    {
        return $this === self::None;
    }
}
