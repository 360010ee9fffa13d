<?php

declare(strict_types=1);

namespace FineFrame\Light;

use FineFrame\Geometry\Vec3;

/**
 * Illuminance from an evenly luminous Lambertian polygon: exact for any receiver, near or far.
 *
 * Source: Lambert's formula E = L/2 · Σ γᵢ (n · Γ̂ᵢ); Baum et al., Computer Graphics 23(3), 1989. The part of the source
 * behind the receiver's horizon is cut off first.
 */
final class PolygonSource
{
    /**
     * @param  list<Vec3>  $corners  counter-clockwise seen from the lit side
     * @param  Vec3  $normal  the receiver's unit normal
     * @return float lux for a luminance of 1 cd/m²
     */
    public static function luxPerNit(array $corners, Vec3 $receiver, Vec3 $normal): float
    {
        $facing = $corners[1]->minus($corners[0])->cross($corners[2]->minus($corners[0]));
        if ($facing->dot($receiver->minus($corners[0])) <= 0) {
            return 0.0;
        }
        $seen = self::aboveHorizon(array_map(static fn (Vec3 $c): Vec3 => $c->minus($receiver), $corners), $normal);
        $sum = 0.0;
        $count = count($seen);
        for ($i = 0; $i < $count; $i++) {
            $cross = $seen[$i]->cross($seen[($i + 1) % $count]);
            $sum += $seen[$i]->angleTo($seen[($i + 1) % $count]) * $cross->unit()->dot($normal);
        }

        return abs($sum) / 2;
    }

    /**
     * @param  list<Vec3>  $corners  relative to the receiver
     * @return list<Vec3>
     */
    private static function aboveHorizon(array $corners, Vec3 $normal): array
    {
        $kept = [];
        $count = count($corners);
        for ($i = 0; $i < $count; $i++) {
            [$a, $b] = [$corners[$i], $corners[($i + 1) % $count]];
            [$da, $db] = [$a->dot($normal), $b->dot($normal)];
            if ($da >= 0) {
                $kept[] = $a;
            }
            if ($da * $db < 0) {
                $kept[] = Vec3::between($a, $b, $da / ($da - $db));
            }
        }

        return $kept;
    }
}
