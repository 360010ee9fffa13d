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
     * What a dome reads whose axis points along the normal: each direction weighs (1 + cos)/2 of its angle to it, so that light from behind counts a
     * little. The mean of all around is the solid angle (Van Oosterom & Strackee 1983), the rest Lambert's vector with nothing cut off.
     *
     * @param  list<Vec3>  $corners  counter-clockwise seen from the lit side
     * @param  Vec3  $axis  unit
     * @return float lux for a luminance of 1 cd/m²
     */
    public static function domePerNit(array $corners, Vec3 $receiver, Vec3 $axis): float
    {
        $facing = $corners[1]->minus($corners[0])->cross($corners[2]->minus($corners[0]));
        if ($facing->dot($receiver->minus($corners[0])) <= 0) {
            return 0.0;
        }
        $seen = array_map(static fn (Vec3 $c): Vec3 => $c->minus($receiver), $corners);
        [$vector, $solid, $count] = [0.0, 0.0, count($seen)];
        for ($i = 0; $i < $count; $i++) {
            $next = $seen[($i + 1) % $count];
            $vector += $seen[$i]->angleTo($next) * $seen[$i]->cross($next)->unit()->dot($axis);
            if ($i > 0 && $i < $count - 1) {
                $solid += self::solidAngle($seen[0], $seen[$i], $next);
            }
        }

        // Seen from its lit side it runs counter-clockwise, so its vector points back at the receiver.
        return max(0.0, (abs($solid) - $vector / 2) / 2);
    }

    /** Of a triangle, steradians, with the sign of its turn. */
    private static function solidAngle(Vec3 $a, Vec3 $b, Vec3 $c): float
    {
        [$la, $lb, $lc] = [$a->length(), $b->length(), $c->length()];

        return 2 * atan2($a->dot($b->cross($c)), $la * $lb * $lc + $a->dot($b) * $lc + $a->dot($c) * $lb + $b->dot($c) * $la);
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
