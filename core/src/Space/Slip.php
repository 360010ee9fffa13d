<?php

declare(strict_types=1);

namespace FineFrame\Space;

/** The slips people make when they read or write a length, told from what was written and what it should have been. */
enum Slip: string
{
    case Metre = 'a whole metre off';
    case HalfMetre = 'half a metre off';
    case TenCentimetres = 'ten centimetres off';
    case Foot = 'a foot off';
    case SwappedDigits = 'two digits swapped';
    case FeetForMetres = 'feet written as metres';

    /** How near a slip must bring the reading to the expected length, metres. */
    private const NEAR = 0.025;

    public static function between(float $writtenM, float $expectedM): ?self
    {
        $off = abs($writtenM - $expectedM);

        return match (true) {
            abs($writtenM * 0.3048 - $expectedM) < self::NEAR && $off > 0.5 => self::FeetForMetres,
            abs($off - 1.0) < self::NEAR => self::Metre,
            self::isSwapped($writtenM, $expectedM) => self::SwappedDigits,
            abs($off - 0.5) < self::NEAR => self::HalfMetre,
            abs($off - 0.3048) < self::NEAR / 2 => self::Foot,
            abs($off - 0.1) < self::NEAR / 2 => self::TenCentimetres,
            default => null,
        };
    }

    private static function isSwapped(float $writtenM, float $expectedM): bool
    {
        $digits = (string) (int) round($writtenM * 100);
        for ($i = 1; $i < strlen($digits); $i++) {
            $swapped = $digits;
            [$swapped[$i - 1], $swapped[$i]] = [$digits[$i], $digits[$i - 1]];
            if ($swapped !== $digits && abs((float) $swapped / 100 - $expectedM) < self::NEAR) {
                return true;
            }
        }

        return false;
    }
}
