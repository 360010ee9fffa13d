<?php

declare(strict_types=1);

namespace FineFrame\Rundown;

/** Times of day as minutes, and back. */
final class Clock
{
    public const DAY_MIN = 1440;

    /** @param  string  $clock  as 14:30 */
    public static function minute(string $clock): int
    {
        [$h, $m] = array_map(intval(...), explode(':', $clock));

        return 60 * $h + $m;
    }

    /** As 14:30; past midnight the next day’s. */
    public static function said(int $minute): string
    {
        $minute = ($minute % self::DAY_MIN + self::DAY_MIN) % self::DAY_MIN;

        return sprintf('%02d:%02d', intdiv($minute, 60), $minute % 60);
    }

    /** As 7 h 05. */
    public static function span(int $minutes): string
    {
        return sprintf('%d h %02d', intdiv($minutes, 60), $minutes % 60);
    }
}
