<?php

declare(strict_types=1);

namespace FineFrame\Space;

/** What hangs before a window. */
enum Curtain: string
{
    case None = 'none';
    case Sheer = 'sheer';
    case Lined = 'lined';
    case Blackout = 'blackout';

    /** Whether direct sun still throws a patch through it. */
    public function passesSun(): bool
    {
        return $this === self::None;
    }
}
