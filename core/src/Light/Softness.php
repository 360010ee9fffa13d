<?php

declare(strict_types=1);

namespace FineFrame\Light;

/** How hard the edge of the shadows on a face is, by how large the light looks from there: a lamp twice as far is half as soft. */
enum Softness: string
{
    case Hard = 'hard';
    case Medium = 'medium';
    case Soft = 'soft';

    /**
     * @param  float  $seenRad  across, as the face sees it
     * @param  float  $hardUnderRad  where shadows get an edge
     * @param  float  $softOverRad  where they have none
     */
    public static function of(float $seenRad, float $hardUnderRad, float $softOverRad): self
    {
        return match (true) {
            $seenRad < $hardUnderRad => self::Hard,
            $seenRad < $softOverRad => self::Medium,
            default => self::Soft,
        };
    }

    /**
     * How far off a face may be for something to look so large.
     *
     * @param  float  $acrossM  the side of a square of its area
     */
    public static function distance(float $acrossM, float $seenRad): float
    {
        return $acrossM / (2 * tan($seenRad / 2));
    }

    /** How large something looks, radians: the side of a square of its area, turned as it is. */
    public static function seen(float $areaM2, float $distanceM): float
    {
        return 2 * atan(sqrt($areaM2) / 2 / max(0.05, $distanceM));
    }
}
