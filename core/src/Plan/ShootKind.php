<?php

declare(strict_types=1);

namespace FineFrame\Plan;

/** What is shot. */
enum ShootKind: string
{
    case Talk = 'talk with one person';
    case TalkOfTwo = 'talk with two people';
    case Solo = 'performance, solo';
    case Duo = 'performance, duo';
    case Band = 'performance, band';

    public function isTalk(): bool
    {
        return match ($this) {
            self::Talk, self::TalkOfTwo => true,
            self::Solo, self::Duo, self::Band => false,
        };
    }

    public function people(): int
    {
        return match ($this) {
            self::Talk, self::Solo => 1,
            self::TalkOfTwo, self::Duo => 2,
            self::Band => 4,
        };
    }
}
