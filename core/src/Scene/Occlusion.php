<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Vec3;
use FineFrame\Light\SoftBox;

/** How much of a lamp's face a place in the room sees, past flags, furniture, people, gear and walls. */
final readonly class Occlusion
{
    /** Rays to the face, a side. */
    private const RAYS = 4;

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
                if ($met !== null && $met < $nearest && $met > 1e-4) {
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
            if (! self::isLeftOut($solid, [$but]) && $solid->hitBy([$point->x, $point->y, $point->z], [$towards->x, $towards->y, $towards->z]) !== null) {
                return false;
            }
        }

        return true;
    }

    /**
     * The share that a point sees of a four-sided face: of a lamp, of a window.
     *
     * @param  list<Vec3>  $corners
     * @param  list<string>  $but
     */
    public static function ofFace(Scene $scene, array $corners, Vec3 $point, array $but, int $rays = self::RAYS): float
    {
        [$a, $b, $c, $d] = $corners;
        [$across, $up] = [$b->minus($a), $d->minus($a)];
        $from = [$point->x, $point->y, $point->z];
        $to = Vec3::between($a, $c, 0.5)->minus($point);
        $before = self::before($scene, $a->distanceTo($c) / 2, $from, [$to->x, $to->y, $to->z], $but);
        if ($before === []) {
            return 1.0;
        }
        $clear = 0;
        for ($i = 0; $i < $rays; $i++) {
            for ($j = 0; $j < $rays; $j++) {
                $at = $a->plus($across->times(($i + 0.5) / $rays))->plus($up->times(($j + 0.5) / $rays));
                $clear += self::isClear($before, $from, [$at->x - $from[0], $at->y - $from[1], $at->z - $from[2]]) ? 1 : 0;
            }
        }

        return $clear / $rays ** 2;
    }

    /** @param  list<string>  $but */
    private static function isLeftOut(Solid $solid, array $but): bool
    {
        return (in_array($solid->owner, $but, true) && ($solid->kind !== ThingKind::Furniture || $solid->owner !== $but[0])) || $solid->material === Material::Floor || $solid->material === Material::Ceiling;
    }

    /**
     * What may stand in the way at all: near enough to the line to the face's middle.
     *
     * @param  array{float, float, float}  $from
     * @param  array{float, float, float}  $to
     * @param  list<string>  $but
     * @return list<Solid>
     */
    private static function before(Scene $scene, float $half, array $from, array $to, array $but): array
    {
        $length = sqrt($to[0] ** 2 + $to[1] ** 2 + $to[2] ** 2);
        $before = [];
        foreach ([...$scene->shell, ...$scene->solids] as $solid) {
            if (self::isLeftOut($solid, $but)) {
                continue;
            }
            [$x, $y, $z] = [$solid->centre[0] - $from[0], $solid->centre[1] - $from[1], $solid->centre[2] - $from[2]];
            $along = ($x * $to[0] + $y * $to[1] + $z * $to[2]) / $length;
            $off = sqrt(max(0.0, $x * $x + $y * $y + $z * $z - $along * $along));
            if ($solid->isFlat() || $along > -$solid->radius && $along < $length + $solid->radius && $off < $half + $solid->radius) {
                $before[] = $solid;
            }
        }

        return $before;
    }

    /**
     * @param  list<Solid>  $before
     * @param  array{float, float, float}  $from
     * @param  array{float, float, float}  $ray
     */
    private static function isClear(array $before, array $from, array $ray): bool
    {
        foreach ($before as $solid) {
            $met = $solid->hitBy($from, $ray);
            if ($met !== null && $met > 1e-4 && $met < 0.999) {
                return false;
            }
        }

        return true;
    }
}
