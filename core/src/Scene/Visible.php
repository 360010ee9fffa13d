<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Convex;
use FineFrame\Geometry\Vec3;
use FineFrame\Light\PolygonSource;

/**
 * What a point sees of a flat, convex, luminous face past convex solids: the face's outline less their silhouettes, in pieces. Exact, but for solids
 * that are drawn by flat sides anyway.
 */
final readonly class Visible
{
    /** Nearer than this to the point, nothing is drawn in perspective, metres. */
    private const NEAR_M = 1e-3;

    /** Of the tangents' square: a piece that is smaller gives no light to speak of. */
    private const LEAST = 1e-9;

    /** More pieces than these are cut no further: by then the rest is slivers. */
    private const MOST_PIECES = 400;

    /** @param  list<list<Vec3>>  $pieces  in the room, on the lines from the point to what is seen, counter-clockwise seen from it */
    private function __construct(private Vec3 $point, private array $pieces)
    {
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
        $middle = Vec3::between($face[0], $face[2], 0.5);
        $ahead = $middle->minus($point)->unit();
        if ($off <= self::NEAR_M) {
            return null;
        }
        $right = $ahead->cross(abs($ahead->z) < 0.9 ? new Vec3(0, 0, 1) : new Vec3(1, 0, 0))->unit();
        $axes = [$right, $right->cross($ahead), $ahead];
        $outline = self::drawn(array_map(static fn (Vec3 $c): Vec3 => $c->minus($point), $face), $axes);
        if ($outline === null) {
            return null;
        }
        $pieces = [Convex::hull($outline)];
        foreach ($hiders as $solid) {
            $taken = self::silhouette($solid, $point, $axes, $normal, $off);
            $left = [];
            foreach (count($taken) < 3 || count($pieces) > self::MOST_PIECES ? [] : $pieces as $piece) {
                array_push($left, ...array_filter(Convex::minus($piece, $taken), static fn (array $p): bool => Convex::area($p) > self::LEAST));
            }
            $pieces = count($taken) < 3 || count($pieces) > self::MOST_PIECES ? $pieces : $left;
        }
        $placed = [];
        foreach ($pieces as $piece) {
            $corners = [];
            foreach ($piece as [$x, $y]) {
                $corners[] = $point->plus($axes[2])->plus($axes[0]->times($x))->plus($axes[1]->times($y));
            }
            $placed[] = $corners;
        }

        return new self($point, $placed);
    }

    /** Lux at the point for a luminance of 1 cd/m², on a surface with this unit normal. */
    public function luxPerNit(Vec3 $normal): float
    {
        return array_sum(array_map(fn (array $piece): float => PolygonSource::luxPerNit($piece, $this->point, $normal), $this->pieces));
    }

    /**
     * A solid's outline from a point: what of it lies before the point and on its side of the face's plane.
     *
     * @param  array{Vec3, Vec3, Vec3}  $axes
     * @return list<array{float, float}> counter-clockwise; none where nothing is
     */
    private static function silhouette(Solid $solid, Vec3 $point, array $axes, Vec3 $normal, float $off): array
    {
        $corners = array_map(static fn (array $p): Vec3 => (new Vec3(...$p))->minus($point), $solid->points);
        // Two planes cut it: a little before the eye, and the luminous face itself.
        $before = array_map(static fn (Vec3 $c): float => $c->dot($axes[2]) - self::NEAR_M, $corners);
        $near = array_map(static fn (Vec3 $c): float => $off + $normal->dot($c) - 1e-6, $corners);
        if (min($before) >= 0.0 && min($near) >= 0.0) {
            return Convex::hull(self::drawn($corners, $axes) ?? []);
        }
        $kept = [];
        foreach ($solid->faces as $face) {
            $polygon = array_map(static fn (int $i): array => [$corners[$i], $before[$i], $near[$i]], $face);
            foreach ([1, 2] as $plane) {
                $polygon = self::cut($polygon, $plane);
            }
            array_push($kept, ...array_column($polygon, 0));
        }

        return Convex::hull(self::drawn($kept, $axes) ?? []);
    }

    /**
     * @param  list<array{Vec3, float, float}>  $polygon  with its distances to both planes
     * @param  1|2  $plane
     * @return list<array{Vec3, float, float}>
     */
    private static function cut(array $polygon, int $plane): array
    {
        $kept = [];
        $last = $polygon[count($polygon) - 1] ?? null;
        foreach ($polygon as $now) {
            if ($last !== null && ($now[$plane] >= 0.0) !== ($last[$plane] >= 0.0)) {
                $t = $last[$plane] / ($last[$plane] - $now[$plane]);
                $kept[] = [Vec3::between($last[0], $now[0], $t), $last[1] + $t * ($now[1] - $last[1]), $last[2] + $t * ($now[2] - $last[2])];
            }
            if ($now[$plane] >= 0.0) {
                $kept[] = $now;
            }
            $last = $now;
        }

        return $kept;
    }

    /**
     * @param  list<Vec3>  $points  from the eye
     * @param  array{Vec3, Vec3, Vec3}  $axes
     * @return list<array{float, float}>|null tangents; null where one lies beside or behind the eye
     */
    private static function drawn(array $points, array $axes): ?array
    {
        $drawn = [];
        foreach ($points as $point) {
            $ahead = $point->dot($axes[2]);
            if ($ahead < self::NEAR_M / 2) {
                return null;
            }
            $drawn[] = [$point->dot($axes[0]) / $ahead, $point->dot($axes[1]) / $ahead];
        }

        return $drawn;
    }
}
