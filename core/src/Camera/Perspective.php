<?php

declare(strict_types=1);

namespace FineFrame\Camera;

/** Closeness, not the glass, stretches a face. */
final class Perspective
{
    /** From the nose's tip to the plane of the ears, metres. */
    private const NOSE_TO_EAR_M = 0.13;

    /** How much larger the nose is drawn than the ears for a lens this far from the nose. */
    public static function noseToEar(float $distanceM): float
    {
        return ($distanceM + self::NOSE_TO_EAR_M) / $distanceM;
    }
}
