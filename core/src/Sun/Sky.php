<?php

declare(strict_types=1);

namespace FineFrame\Sun;

/** What the sun's altitude makes of a clear sky. Twilights by the almanac's −6°, −12° and −18°. */
enum Sky: string
{
    case Night = 'night';
    case LateTwilight = 'late twilight';
    case Dusk = 'blue light';
    case Golden = 'golden light';
    case Day = 'day';

    public static function under(float $altitudeRad): self
    {
        $deg = rad2deg($altitudeRad);

        return match (true) {
            $deg < -18.0 => self::Night,
            $deg < -6.0 => self::LateTwilight,
            $deg < SunDay::GOLDEN_DEG[0] => self::Dusk,
            $deg < SunDay::GOLDEN_DEG[1] => self::Golden,
            default => self::Day,
        };
    }
}
