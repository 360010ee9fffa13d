<?php

declare(strict_types=1);

namespace FineFrame\Camera;

/** What a camera is there for. */
enum Role: string
{
    case Main = 'main';
    case Second = 'second angle';
    case Safety = 'locked on everybody';
    case Roving = 'roving';
    case Overhead = 'overhead';
    case Audience = 'audience';

    /** Whether it stands still and keeps running, so that there is always something to cut to. */
    public function isLocked(): bool
    {
        return match ($this) {
            self::Safety, self::Overhead, self::Audience => true,
            self::Main, self::Second, self::Roving => false,
        };
    }
}
