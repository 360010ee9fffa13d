<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Shape;
use FineFrame\Geometry\Turn;
use FineFrame\Geometry\Vec2;
use FineFrame\Plan\SetupPlan;

/** How far from square a camera looks at a straight thing: the wall its axis meets, or an edge of furniture in its frame. */
final readonly class Square
{
    /** @param  float  $offRad  turn the camera by this, clockwise positive, and it is square */
    private function __construct(public string $id, public string $name, public float $offRad)
    {
    }

    public static function toWall(SetupPlan $setup, LensView $view): ?self
    {
        [, $wall] = $setup->room->firstWall($view->camera->placement->place, Vec2::towards($view->bearingRad));

        return $wall === null
            ? null
            : new self($wall->id, $wall->name, Turn::wrapped($wall->inward()->times(-1.0)->bearing() - $view->bearingRad));
    }

    /** @return list<self> boxes in the frame, by the nearest of their edges' directions */
    public static function toFurniture(SetupPlan $setup, LensView $view): array
    {
        $all = [];
        foreach ($setup->setup->furniture as $thing) {
            $at = $view->place($thing->place->at($thing->baseM + $thing->heightM / 2));
            if (
                $thing->shape === Shape::Box
                && max($thing->widthM, $thing->depthM) >= 0.5
                && $at !== null
                && abs($at[0]) <= $view->cropX
                && abs($at[1]) <= $view->cropY
            ) {
                $quarter = fmod($thing->turnRad - $view->bearingRad, M_PI / 2);
                $off = match (true) {
                    $quarter > M_PI / 4 => $quarter - M_PI / 2,
                    $quarter < -M_PI / 4 => $quarter + M_PI / 2,
                    default => $quarter,
                };
                $all[] = new self($thing->id, $thing->name, $off);
            }
        }

        return $all;
    }
}
