<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Convex;
use FineFrame\Geometry\Vec3;
use FineFrame\Light\PolygonSource;

/**
 * What a point sees of a flat, convex, luminous face past convex solids: the face's outline less their silhouettes, in pieces. Exact, but
 * for solids
 * that are drawn by flat sides anyway. In plain numbers, since hundreds of lamps and places are asked at every drag.
 *
 * @phpstan-type P2 array{float, float}
 * @phpstan-type P3 array{float, float, float}
 */
final class Visible
{
    /** Nearer than this to the point, nothing is drawn in perspective, metres. */
    private const NEAR_M = 1e-3;

    /** Of the tangents' square: a piece that is smaller gives no light to speak of. */
    private const LEAST = 1e-9;

    /** More pieces than these are cut no further: by then the rest is slivers. */
    private const MOST_PIECES = 400;

    /** @var list<list<P2>> tangents off the line to the face's middle, counter-clockwise */
    private array $pieces;

    /**
     * @param  P3  $from  the point
     * @param  array{P3, P3, P3}  $axes  to the right, up, and ahead to the face's middle
     * @param  P3  $normal  the face's
     * @param  float  $off  how far before the face's plane the point lies, metres
     */
    private function __construct(
        private readonly array $from,
        private readonly array $axes,
        private readonly array $normal,
        private readonly float $off,
    ) {
    }

    /**
     * @param  list<Vec3>  $face  counter-clockwise seen from its lit side
     * @param  list<Solid>  $hiders
     * @return self|null null where the point lies in or behind the face's plane, or so near that it has no outline
     */
    public static function of(array $face, Vec3 $point, array $hiders): ?self
    {
        $normal = $face[1]->minus($face[0])->cross($face[2]->minus($face[0]))->unit();
        $off = $normal->dot($point->minus($face[0]));
        if ($off <= self::NEAR_M) {
            return null;
        }
        $ahead = Vec3::between($face[0], $face[2], 0.5)->minus($point)->unit();
        $right = $ahead->cross(abs($ahead->z) < 0.9 ? new Vec3(0, 0, 1) : new Vec3(1, 0, 0))->unit();
        $plain = static fn (Vec3 $v): array => [$v->x, $v->y, $v->z];
        $seen = new self($plain($point), [$plain($right), $plain($right->cross($ahead)), $plain($ahead)], $plain($normal), $off);
        $outline = $seen->drawn(array_map(static fn (Vec3 $corner): array => $plain($corner->minus($point)), $face));
        if ($outline === null) {
            return null;
        }
        $seen->pieces = [Convex::hull($outline)];
        foreach ($hiders as $solid) {
            if ($seen->pieces === [] || count($seen->pieces) > self::MOST_PIECES) {
                break;
            }
            $seen->pieces = Convex::less($seen->pieces, $seen->silhouette($solid), self::LEAST);
        }

        return $seen;
    }

    /** Lux at the point for a luminance of 1 cd/m², on a surface with this unit normal. */
    public function luxPerNit(Vec3 $normal): float
    {
        [[$rx, $ry, $rz], [$ux, $uy, $uz], [$fx, $fy, $fz]] = $this->axes;
        $lux = 0.0;
        foreach ($this->pieces as $piece) {
            $corners = [];
            foreach ($piece as [$x, $y]) {
                $corners[] = [$fx + $rx * $x + $ux * $y, $fy + $ry * $x + $uy * $y, $fz + $rz * $x + $uz * $y];
            }
            $lux += PolygonSource::vector($corners, [$normal->x, $normal->y, $normal->z]);
        }

        return $lux;
    }

    /**
     * A solid's outline from the point: what of it lies before the point and on its side of the face's plane.
     *
     * @return list<P2> counter-clockwise; none where nothing is
     */
    private function silhouette(Solid $solid): array
    {
        [[$px, $py, $pz], [$nx, $ny, $nz]] = [$this->from, $this->normal];
        [$fx, $fy, $fz] = $this->axes[2];
        // Two planes cut it: a little before the eye, and the luminous face itself.
        [$corners, $before, $near] = [[], [], []];
        foreach ($solid->points as [$x, $y, $z]) {
            [$x, $y, $z] = [$x - $px, $y - $py, $z - $pz];
            $corners[] = [$x, $y, $z];
            $before[] = $x * $fx + $y * $fy + $z * $fz - self::NEAR_M;
            $near[] = $this->off + $nx * $x + $ny * $y + $nz * $z - 1e-6;
        }
        if (min($before) >= 0.0 && min($near) >= 0.0) {
            return Convex::hull($this->drawn($corners) ?? []);
        }
        $kept = [];
        foreach ($solid->faces as $face) {
            $polygon = array_map(static fn (int $i): array => [$corners[$i], $before[$i], $near[$i]], $face);
            foreach ([1, 2] as $plane) {
                $polygon = self::cut($polygon, $plane);
            }
            array_push($kept, ...array_column($polygon, 0));
        }

        return Convex::hull($this->drawn($kept) ?? []);
    }

    /**
     * @param  list<array{P3, float, float}>  $polygon  with its distances to both planes
     * @param  1|2  $plane
     * @return list<array{P3, float, float}>
     */
    private static function cut(array $polygon, int $plane): array
    {
        $kept = [];
        $last = $polygon[count($polygon) - 1] ?? null;
        foreach ($polygon as $now) {
            if ($last !== null && ($now[$plane] >= 0.0) !== ($last[$plane] >= 0.0)) {
                $t = $last[$plane] / ($last[$plane] - $now[$plane]);
                [[$ax, $ay, $az], [$bx, $by, $bz]] = [$last[0], $now[0]];
                $kept[] = [
                    [$ax + $t * ($bx - $ax), $ay + $t * ($by - $ay), $az + $t * ($bz - $az)],
                    $last[1] + $t * ($now[1] - $last[1]), $last[2] + $t * ($now[2] - $last[2]),
                ];
            }
            if ($now[$plane] >= 0.0) {
                $kept[] = $now;
            }
            $last = $now;
        }

        return $kept;
    }

    /**
     * @param  list<P3>  $points  from the eye
     * @return list<P2>|null tangents; null where one lies beside or behind the eye
     */
    private function drawn(array $points): ?array
    {
        [[$rx, $ry, $rz], [$ux, $uy, $uz], [$fx, $fy, $fz]] = $this->axes;
        $drawn = [];
        foreach ($points as [$x, $y, $z]) {
            $ahead = $x * $fx + $y * $fy + $z * $fz;
            if ($ahead < self::NEAR_M / 2) {
                return null;
            }
            $drawn[] = [($x * $rx + $y * $ry + $z * $rz) / $ahead, ($x * $ux + $y * $uy + $z * $uz) / $ahead];
        }

        return $drawn;
    }
}
