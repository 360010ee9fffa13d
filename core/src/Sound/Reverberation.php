<?php

declare(strict_types=1);

namespace FineFrame\Sound;

/**
 * Sound that stays in a room. Sabine 1922, Eyring 1930: `0.161·V/A`; direct and reverberant sound as strong at `√(Q·A/16π)`.
 * Kuttruff, Room Acoustics; Everest, Master Handbook of Acoustics.
 */
final class Reverberation
{
    public const SABINE = 0.161;

    /** @param  float  $airPerM  energy that air takes a metre */
    public static function sabine(float $volumeM3, float $absorptionM2, float $airPerM = 0.0): float
    {
        return self::SABINE * $volumeM3 / max(1e-9, $absorptionM2 + 4 * $airPerM * $volumeM3);
    }

    /** Zero where all is absorbed. */
    public static function eyring(float $volumeM3, float $areaM2, float $meanAlpha): float
    {
        return $meanAlpha >= 1.0 ? 0.0 : self::SABINE * $volumeM3 / max(1e-9, -$areaM2 * log(1 - $meanAlpha));
    }

    /** What a room of such a time absorbs, square metres. */
    public static function absorption(float $volumeM3, float $timeS): float
    {
        return self::SABINE * $volumeM3 / max(1e-6, $timeS);
    }

    /** Metres at which direct and reverberant sound are as strong, to one that hears all around. */
    public static function criticalM(float $volumeM3, float $timeS, float $q = 1.0): float
    {
        return sqrt($q * self::absorption($volumeM3, $timeS) / (16 * M_PI));
    }

    /** Decibels of direct over reverberant sound at a microphone. */
    public static function directDb(float $distanceM, float $volumeM3, float $timeS, float $q, Pickup $pickup, float $offRad = 0.0): float
    {
        return 20 * log10(
            self::criticalM($volumeM3, $timeS, $q) / max(1e-3, $distanceM),
        ) - 10 * log10($pickup->efficiency()) + ($pickup->levelDb($offRad) ?? -120.0);
    }
}
