<?php

declare(strict_types=1);

namespace FineFrame\Sound;

/** How long ears bear a level: as much as 80 dB(A) for eight hours, half as long for each 3 dB more (directive 2003/10/EC, lower value). */
final class SoundDose
{
    public const ACTION_DB = 80.0;

    private const HOURS = 8.0;

    private const EXCHANGE_DB = 3.0;

    public static function hours(float $db): float
    {
        return self::HOURS * 2 ** ((self::ACTION_DB - $db) / self::EXCHANGE_DB);
    }
}
