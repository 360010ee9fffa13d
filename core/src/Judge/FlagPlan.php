<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;
use FineFrame\Light\SoftBox;
use FineFrame\Measure\Quantity;
use FineFrame\Plan\Edit;
use FineFrame\Plan\FreeId;
use FineFrame\Scene\Backdrop;
use FineFrame\Scene\Material;
use FineFrame\Scene\Solid;
use FineFrame\Scene\Solids;
use FineFrame\Scene\ThingKind;
use FineFrame\Staging\Body;

/**
 * A flag that takes a lamp's light off the background without touching the face: tried nearer to and farther from the lamp, in
 * usual sizes, its edge slid just clear of the face's light.
 */
final class FlagPlan
{
    /** Width and height of flags that people own, metres. */
    private const SIZES = [[0.45, 0.6], [0.6, 0.9], [0.75, 1.2], [1.2, 1.2]];

    /** Shares of the way from the lamp to the background; near the lamp the edge is softer and the flag smaller. */
    private const ALONG = [0.25, 0.35, 0.5];

    private const RAYS = 5;

    private const FACE_KEEPS = 0.97;

    private const WALL_KEEPS = 0.25;

    /** @return list<Mend> none where face and background lie in one line */
    public static function ideas(Situation $situation, string $lampId, Body $body, Backdrop $behind): array
    {
        $lamp = $situation->scene->lamps[$lampId];
        $ideas = [];
        foreach (self::ALONG as $share) {
            $at = Vec3::between($lamp->centre(), $behind->place(), $share);
            $towards = $behind->place()->minus($lamp->centre())->floor()->unit();
            // Away from the face's ray, sideways.
            $face = Vec3::between($lamp->centre(), $body->eyes, $share);
            $side = $towards->left()->times($towards->left()->dot($face->minus($at)->floor()) > 0 ? -1.0 : 1.0);
            foreach (self::SIZES as [$width, $height]) {
                foreach ([0.0, 0.08, 0.16, 0.25, 0.35] as $slide) {
                    $place = $at->floor()->plus($side->times($slide));
                    $base = max(0.1, $at->z - $height / 2);
                    if (! $situation->setup->room->contains($place)) {
                        continue;
                    }
                    $flag = (new Solids('flag', ThingKind::Kit))->prism(
                        Polygon::box($place, $width, 0.02, $towards->bearing()),
                        $base,
                        $base + $height,
                        Material::Black,
                    )->all()[0];
                    if (
                        self::seen($lamp, $body->eyes, $flag) >= self::FACE_KEEPS
                        && self::seen($lamp, $behind->place(), $flag) <= self::WALL_KEEPS
                    ) {
                        $ideas[] = self::flag($situation, $lampId, $place, $towards, $width, $height, $base);

                        break 2;
                    }
                }
            }
        }

        return $ideas;
    }

    private static function flag(
        Situation $situation,
        string $lamp,
        Vec2 $place,
        Vec2 $towards,
        float $width,
        float $height,
        float $base,
    ): Mend {
        $id = FreeId::of('flag', array_keys($situation->setup->things()));

        return new Mend('set-flag', [
            'lamp' => $situation->name($lamp),
            'width' => Quantity::metres($width),
            'height' => Quantity::metres($height),
        ], new Edit(["/setups/{$situation->setup->setup->id}/furniture/-" => [
            'id' => $id,
            'name' => 'flag for '.$situation->name($lamp),
            'width_m' => $width,
            'depth_m' => 0.02,
            'height_m' => $height,
            'base_m' => round($base, 2),
            'x_m' => round($place->x, 3),
            'y_m' => round($place->y, 3),
            'turn_deg' => round(rad2deg($towards->bearing()), 1),
            'keep_out' => true,
        ]]));
    }

    private static function seen(SoftBox $lamp, Vec3 $point, Solid $flag): float
    {
        [$a, $b, , $d] = $lamp->corners();
        $clear = 0;
        for ($i = 0; $i < self::RAYS; $i++) {
            for ($j = 0; $j < self::RAYS; $j++) {
                $to = $a
                    ->plus($b->minus($a)->times(($i + 0.5) / self::RAYS))
                    ->plus($d->minus($a)->times(($j + 0.5) / self::RAYS))
                    ->minus($point);
                $met = $flag->hitBy([$point->x, $point->y, $point->z], [$to->x, $to->y, $to->z]);
                $clear += $met === null || $met >= 1.0 ? 1 : 0;
            }
        }

        return $clear / self::RAYS ** 2;
    }
}
