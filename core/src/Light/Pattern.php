<?php

declare(strict_types=1);

namespace FineFrame\Light;

/** What the key draws on a face, by where the nose's shadow falls. */
enum Pattern: string
{
    case Flat = 'flat';
    case Butterfly = 'butterfly';
    case Loop = 'loop';
    case Triangle = 'short-edge triangle';
    case Split = 'split';
    case Rim = 'rim';
    case Top = 'top light';
    case Under = 'under light';

    /**
     * @param  float  $azimuthDeg  of the lamp off the nose, either side
     * @param  float  $elevationDeg  of the lamp over the eyes
     */
    public static function of(float $azimuthDeg, float $elevationDeg): self
    {
        $off = abs($azimuthDeg);

        return match (true) {
            $elevationDeg < -12 => self::Under,
            $elevationDeg > 60 => self::Top,
            $off > 105 => self::Rim,
            $off > 65 => self::Split,
            $off > 42 => self::Triangle,
            $off > 14 => self::Loop,
            $elevationDeg > 22 => self::Butterfly,
            default => self::Flat,
        };
    }
}
