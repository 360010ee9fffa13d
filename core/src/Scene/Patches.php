<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Convex;
use FineFrame\Geometry\Vec3;

/** A flat face of the room cut into squares of one size, and what is left of them at its edges. */
final class Patches
{
    private const LEAST_M2 = 1e-4;

    /** @return list<array{Vec3, float}> middle and area of each */
    public static function of(FlatFace $face, float $sizeM): array
    {
        [[$left, $low], [$right, $high]] = $face->box();
        $patches = [];
        for ($x = $left; $x < $right - 1e-6; $x += $sizeM) {
            for ($y = $low; $y < $high - 1e-6; $y += $sizeM) {
                $part = $face->within($x, $y, $sizeM);
                $area = count($part) < 3 ? 0.0 : Convex::area($part);
                if ($area >= self::LEAST_M2) {
                    $patches[] = [$face->at([array_sum(array_column($part, 0)) / count($part), array_sum(array_column($part, 1)) / count($part)]), $area];
                }
            }
        }

        return $patches;
    }
}
