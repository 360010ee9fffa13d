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
        [$x, $y, $z] = [$receiver->x, $receiver->y, $receiver->z];
        $seen = [];
        foreach ($corners as $corner) {
            $seen[] = [$corner->x - $x, $corner->y - $y, $corner->z - $z];
        }
        [[$ax, $ay, $az], [$bx, $by, $bz], [$cx, $cy, $cz]] = $seen;
        [$ux, $uy, $uz, $vx, $vy, $vz] = [$bx - $ax, $by - $ay, $bz - $az, $cx - $ax, $cy - $ay, $cz - $az];
        $before = ($uy * $vz - $uz * $vy) * $ax + ($uz * $vx - $ux * $vz) * $ay + ($ux * $vy - $uy * $vx) * $az;

        return $before >= 0.0 ? 0.0 : self::vector($seen, [$normal->x, $normal->y, $normal->z]);
    }

    /**
     * The same of a polygon that turns its lit side to the receiver, in plain numbers.
     *
     * @param  list<array{float, float, float}>  $corners  from the receiver
     * @param  array{float, float, float}  $normal  the receiver's unit normal
     */
    public static function vector(array $corners, array $normal): float
    {
        [$nx, $ny, $nz] = $normal;
        $seen = self::aboveHorizon($corners, $normal);
        $last = end($seen);
        if ($last === false) {
            return 0.0;
        }
        [$ax, $ay, $az] = $last;
        $sum = 0.0;
        foreach ($seen as [$bx, $by, $bz]) {
            [$cx, $cy, $cz] = [$ay * $bz - $az * $by, $az * $bx - $ax * $bz, $ax * $by - $ay * $bx];
            $length = sqrt($cx * $cx + $cy * $cy + $cz * $cz);
            if ($length > 0.0) {
                $sum += atan2($length, $ax * $bx + $ay * $by + $az * $bz) * ($cx * $nx + $cy * $ny + $cz * $nz) / $length;
            }
            [$ax, $ay, $az] = [$bx, $by, $bz];
        }

        return abs($sum) / 2;
    }

    /**
     * What a dome reads whose axis points along the normal: each direction weighs (1 + cos)/2 of its angle to it, so that light from behind
     * counts a
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
     * @param  list<array{float, float, float}>  $corners  from the receiver
     * @param  array{float, float, float}  $normal
     * @return list<array{float, float, float}>
     */
    private static function aboveHorizon(array $corners, array $normal): array
    {
        [$nx, $ny, $nz] = $normal;
        $heights = [];
        foreach ($corners as [$x, $y, $z]) {
            $heights[] = $x * $nx + $y * $ny + $z * $nz;
        }
        if ($heights === [] || min($heights) >= 0.0) {
            return $corners;
        }
        $kept = [];
        $count = count($corners);
        for ($i = 0; $i < $count; $i++) {
            $j = ($i + 1) % $count;
            [$da, $db] = [$heights[$i], $heights[$j]];
            if ($da >= 0) {
                $kept[] = $corners[$i];
            }
            if ($da * $db < 0) {
                $t = $da / ($da - $db);
                [[$ax, $ay, $az], [$bx, $by, $bz]] = [$corners[$i], $corners[$j]];
                $kept[] = [$ax + $t * ($bx - $ax), $ay + $t * ($by - $ay), $az + $t * ($bz - $az)];
            }
        }

        return $kept;
    }
}
