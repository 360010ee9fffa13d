<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Vec3;
use FineFrame\Light\PolygonSource;
use FineFrame\Light\SoftBox;

/** How much of a lamp's face a place in the room sees, past flags, furniture, people, gear and walls. */
final readonly class Occlusion
{
    /** Rays to the face, a side: as many or more are asked for exactly, by silhouettes; fewer are enough to paint by. */
    private const RAYS = 4;

    private const WALL_RAYS = 8;

    /**
     * @param  string  $but  whose own solids do not count, but for a seat: a face is turned to the light or not, by its normal
     * @param  int  $rays  to the face, a side
     */
    public static function seen(Scene $scene, SoftBox $lamp, Vec3 $point, string $but = '', int $rays = self::RAYS): float
    {
        return self::ofFace($scene, $lamp->corners(), $point, [$but, $lamp->placement->id], $rays);
    }

    /** @return string|null whose solid is first on the way from a point to a lamp's middle, or to its corners */
    public static function blocker(Scene $scene, SoftBox $lamp, Vec3 $point, string $but): ?string
    {
        $from = [$point->x, $point->y, $point->z];
        foreach ([$lamp->centre(), ...$lamp->corners()] as $end) {
            $ray = [$end->x - $from[0], $end->y - $from[1], $end->z - $from[2]];
            [$nearest, $owner] = [0.999, null];
            foreach ([...$scene->shell, ...$scene->solids] as $solid) {
                $met = self::isLeftOut($solid, [$but, $lamp->placement->id]) ? null : $solid->hitBy($from, $ray);
                if (
                    $met !== null
                    && $met < $nearest
                    && $met > 1e-4
                    && ($solid->kind !== ThingKind::Room || $scene->holes()->passes($solid->owner, $from, $ray, $met) <= 0.0)
                ) {
                    [$nearest, $owner] = [$met, $solid->owner];
                }
            }
            if ($owner !== null) {
                return $owner;
            }
        }

        return null;
    }

    /** Whether nothing in the room stands between a point and what is far off that way, as the sun. */
    public static function isOpen(Scene $scene, Vec3 $point, Vec3 $towards, string $but): bool
    {
        foreach ($scene->solids as $solid) {
            if (
                ! self::isLeftOut($solid, [$but])
                && $solid->hitBy([$point->x, $point->y, $point->z], [$towards->x, $towards->y, $towards->z]) !== null
            ) {
                return false;
            }
        }

        return true;
    }

    /**
     * The share that a point sees of a four-sided face: of a lamp, of a window.
     *
     * @param  list<Vec3>  $corners
     * @param  list<string>  $but  whose solids do not count: the first but for a seat, the second, the face's own, not at all
     */
    public static function ofFace(Scene $scene, array $corners, Vec3 $point, array $but, int $rays = self::RAYS): float
    {
        $from = [$point->x, $point->y, $point->z];
        $before = self::before($scene, $corners, $from, $but);
        if ($before === []) {
            return 1.0;
        }

        // A few rays are cast sooner than what they depend on is written down.
        return $rays < self::RAYS ? self::byRays($scene, $corners, $from, $before, $rays)
            : $scene->shared->share(
                self::key($scene, $corners, $from, $before),
                static fn (): float => self::looked($scene, $corners, $point, $before),
            );
    }

    /**
     * All that the share of a face depends on.
     *
     * @param  list<Vec3>  $corners
     * @param  array{float, float, float}  $from
     * @param  list<Solid>  $before
     */
    private static function key(Scene $scene, array $corners, array $from, array $before): string
    {
        $numbers = $from;
        foreach ($corners as $corner) {
            array_push($numbers, $corner->x, $corner->y, $corner->z);
        }
        $key = pack('d*', ...$numbers);
        foreach ($before as $solid) {
            $key .= $solid->kind === ThingKind::Room ? $scene->holes()->key().$solid->owner.$solid->shape() : $solid->shape();
        }

        return hash('xxh128', $key, true);
    }

    /**
     * @param  list<Vec3>  $corners
     * @param  list<Solid>  $before
     */
    private static function looked(Scene $scene, array $corners, Vec3 $point, array $before): float
    {
        $walls = array_filter($before, static fn (Solid $s): bool => $s->kind === ThingKind::Room);
        $share = $walls === [] ? self::share($corners, $point, $before) : null;

        // Walls have windows, which let a share through: these are asked ray by ray.
        return $share ?? self::byRays($scene, $corners, [$point->x, $point->y, $point->z], $before, self::WALL_RAYS);
    }

    /**
     * @param  list<Vec3>  $corners
     * @param  array{float, float, float}  $from
     * @param  list<Solid>  $before
     */
    private static function byRays(Scene $scene, array $corners, array $from, array $before, int $rays): float
    {
        [$a, $b, , $d] = $corners;
        [$across, $up] = [$b->minus($a), $d->minus($a)];
        $clear = 0.0;
        for ($i = 0; $i < $rays; $i++) {
            for ($j = 0; $j < $rays; $j++) {
                [$s, $t] = [($i + 0.5) / $rays, ($j + 0.5) / $rays];
                $clear += self::passes($scene, $before, $from, [
                    $a->x + $across->x * $s + $up->x * $t - $from[0],
                    $a->y + $across->y * $s + $up->y * $t - $from[1],
                    $a->z + $across->z * $s + $up->z * $t - $from[2],
                ]);
            }
        }

        return $clear / $rays ** 2;
    }

    /**
     * By silhouettes: of the light that would reach a surface turned to the face's middle, what reaches it.
     *
     * @param  list<Vec3>  $corners
     * @param  list<Solid>  $before
     */
    private static function share(array $corners, Vec3 $point, array $before): ?float
    {
        $normal = Vec3::between($corners[0], $corners[2], 0.5)->minus($point)->unit();
        $open = PolygonSource::luxPerNit($corners, $point, $normal);
        $seen = $open <= 0.0 ? null : Visible::of($corners, $point, $before);

        return $seen === null ? null : min(1.0, $seen->luxPerNit($normal) / $open);
    }

    /** @param  list<string>  $but */
    private static function isLeftOut(Solid $solid, array $but): bool
    {
        return (in_array($solid->owner, $but, true) && ($solid->kind !== ThingKind::Furniture || $solid->owner !== $but[0]))
            || $solid->material === Material::Floor
            || $solid->material === Material::Ceiling;
    }

    /**
     * What may stand in the way at all: near enough to the line to the face's middle; walls only with the point on one side
     * of them and the face on the other.
     *
     * @param  list<Vec3>  $corners
     * @param  array{float, float, float}  $from
     * @param  list<string>  $but
     * @return list<Solid>
     */
    private static function before(Scene $scene, array $corners, array $from, array $but): array
    {
        [$mx, $my, $mz] = [
            ($corners[0]->x + $corners[2]->x) / 2,
            ($corners[0]->y + $corners[2]->y) / 2,
            ($corners[0]->z + $corners[2]->z) / 2,
        ];
        [$dx, $dy, $dz] = [$mx - $from[0], $my - $from[1], $mz - $from[2]];
        $length = sqrt($dx * $dx + $dy * $dy + $dz * $dz);
        $half = $corners[0]->distanceTo($corners[2]) / 2;
        $before = [];
        foreach ($scene->shell as $wall) {
            if ($wall->material === Material::Wall) {
                [$nx, $ny, $nz, $d] = $wall->planes()[0];
                $here = $nx * $from[0] + $ny * $from[1] + $nz * $from[2] - $d;
                $there = $nx * $mx + $ny * $my + $nz * $mz - $d;
                // A face's middle may lie on a wall, as a window's does: nothing of the room is between.
                if (! ($here * $there >= -1e-9 && abs($there) >= $half || abs($there) < 1e-6 && $here > 0.0)) {
                    $before[] = $wall;
                }
            }
        }
        foreach ($scene->solids as $solid) {
            [$cx, $cy, $cz] = $solid->centre;
            [$x, $y, $z, $r] = [$cx - $from[0], $cy - $from[1], $cz - $from[2], $solid->radius];
            $along = ($x * $dx + $y * $dy + $z * $dz) / $length;
            if ($along <= -$r || $along >= $length + $r) {
                continue;
            }
            // What hides a part of the face lies within the cone from the point to all of it, and its own size.
            $wide = $half * max(0.0, min(1.0, ($along + $r) / $length)) + $r;
            if ($x * $x + $y * $y + $z * $z - $along * $along < $wide * $wide && ! self::isLeftOut($solid, $but)) {
                $before[] = $solid;
            }
        }

        return $before;
    }

    /**
     * The share that comes along a ray: none past a thing or a wall, what the glass leaves through a window.
     *
     * @param  list<Solid>  $before
     * @param  array{float, float, float}  $from
     * @param  array{float, float, float}  $ray
     */
    private static function passes(Scene $scene, array $before, array $from, array $ray): float
    {
        $share = 1.0;
        foreach ($before as $solid) {
            $met = $solid->hitBy($from, $ray);
            if ($met !== null && $met > 1e-4 && $met < 0.999) {
                $share *= $solid->kind === ThingKind::Room ? $scene->holes()->passes($solid->owner, $from, $ray, $met) : 0.0;
                if ($share <= 0.0) {
                    return 0.0;
                }
            }
        }

        return $share;
    }
}
