<?php

declare(strict_types=1);

namespace FineFrame\Light;

/**
 * Incident-light exposure, N²/t = E·S/C (ISO 2720:1974), with N the T-stop where a lens's transmission counts.
 * A face is metered with a dome (C = 330), a flat surface with a flat receptor (C = 250).
 */
final class Exposure
{
    public const DOME = 330.0;

    /** @return float lux that give the stop */
    public static function lux(float $stop, float $shutterS, float $iso, float $c = self::DOME): float
    {
        return $stop ** 2 * $c / ($shutterS * $iso);
    }

    public static function stop(float $lux, float $shutterS, float $iso, float $c = self::DOME): float
    {
        return sqrt($lux * $shutterS * $iso / $c);
    }

    public static function value(float $stop, float $shutterS): float
    {
        return log($stop ** 2 / $shutterS, 2);
    }

    /** The exposure value referred to ISO 100. */
    public static function value100(float $lux, float $c = self::DOME): float
    {
        return log($lux * 100 / $c, 2);
    }

    public static function stops(float $fromLux, float $toLux): float
    {
        return log($toLux / $fromLux, 2);
    }

    /** @return float stops of neutral density that bring the light down to the stop; negative: light is missing */
    public static function densityStops(float $lux, float $stop, float $shutterS, float $iso, float $c = self::DOME): float
    {
        return self::stops(self::lux($stop, $shutterS, $iso, $c), $lux);
    }

    public static function shutterSeconds(float $angleDeg, float $fps): float
    {
        return $angleDeg / (360 * $fps);
    }

    public static function shutterAngleDeg(float $seconds, float $fps): float
    {
        return $seconds * 360 * $fps;
    }

    /** @return list<float> exposure times of whole half mains cycles, which do not flicker; up to a full frame */
    public static function steadyTimes(float $fps, float $mainsHz): array
    {
        $times = [];
        for ($k = 1; $k / (2 * $mainsHz) <= 1 / $fps + 1e-9; $k++) {
            $times[] = $k / (2 * $mainsHz);
        }

        return $times;
    }

    /** (key + fill) : fill; null without fill, when the ratio has no end. */
    public static function ratio(float $keyLux, float $fillLux): ?float
    {
        return $fillLux > 0 ? ($keyLux + $fillLux) / $fillLux : null;
    }

    public static function fillFor(float $keyLux, float $ratio): float
    {
        return $keyLux / ($ratio - 1);
    }

    public static function tStop(float $fNumber, float $transmittance): float
    {
        return $fNumber / sqrt($transmittance);
    }
}
