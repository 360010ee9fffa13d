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
        [$a, $b, , $d] = $lamp->corners();
        [$across, $up] = [$b->minus($a), $d->minus($a)];
        $from = [$point->x, $point->y, $point->z];
        $to = $lamp->centre()->minus($point);
        $before = self::before($scene, $lamp, $from, [$to->x, $to->y, $to->z], $but);
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

    /**
     * What may stand in the way at all: near enough to the line to the lamp's middle.
     *
     * @param  array{float, float, float}  $from
     * @param  array{float, float, float}  $to
     * @return list<Solid>
     */
    private static function before(Scene $scene, SoftBox $lamp, array $from, array $to, string $but): array
    {
        $length = sqrt($to[0] ** 2 + $to[1] ** 2 + $to[2] ** 2);
        $half = hypot($lamp->fixture->widthM, $lamp->fixture->heightM) / 2;
        $before = [];
        foreach ([...$scene->shell, ...$scene->solids] as $solid) {
            if (($solid->owner === $but && $solid->kind !== ThingKind::Furniture) || $solid->owner === $lamp->placement->id || $solid->material === Material::Floor || $solid->material === Material::Ceiling) {
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
