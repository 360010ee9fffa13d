<?php

declare(strict_types=1);

namespace FineFrame\Light;

/** From where light comes to a face: what it can do there. */
enum LightSide: string
{
    case Front = 'front';
    case Side = 'side';
    case Edge = 'edge';
    case Behind = 'behind';

    /** Farther round than the first it models, than the second it edges, than the third it comes from behind. */
    private const DEG = [30.0, 100.0, 140.0];

    /** @param  float  $offRad  off where the nose points, either side */
    public static function of(float $offRad): self
    {
        $off = rad2deg(abs($offRad));

        return match (true) {
            $off <= self::DEG[0] => self::Front,
            $off <= self::DEG[1] => self::Side,
            $off <= self::DEG[2] => self::Edge,
            default => self::Behind,
        };
    }
}
