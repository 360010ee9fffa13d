<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Convex;

/** Where a convex solid lies in a frame. */
final class Outline
{
    /**
     * A convex solid's outline in the frame; what lies behind the lens is cut off.
     *
     * @return list<array{float, float}>
     */
    public static function of(Solid $solid, LensView $view): array
    {
        $ahead = array_map($view->seen(...), $solid->points);
        $points = [];
        foreach ($ahead as [$x, $y, $z]) {
            if ($z >= LensView::NEAR_M) {
                $points[] = [$x / ($z * $view->tanX), $y / ($z * $view->tanY)];
            }
        }
        if ($points !== [] && count($points) < count($ahead)) {
            array_push($points, ...self::nearCuts($solid, $ahead, $view));
        }

        return Convex::hull($points);
    }

    /**
     * @param  list<array{float, float, float}>  $ahead
     * @return list<array{float, float}>
     */
    private static function nearCuts(Solid $solid, array $ahead, LensView $view): array
    {
        $cuts = [];
        foreach ($solid->faces as $face) {
            foreach ($face as $i => $from) {
                [$a, $b] = [$ahead[$from], $ahead[$face[($i + 1) % count($face)]]];
                if (($a[2] < LensView::NEAR_M) !== ($b[2] < LensView::NEAR_M)) {
                    $t = (LensView::NEAR_M - $a[2]) / ($b[2] - $a[2]);
                    $cuts[] = [
                        ($a[0] + $t * ($b[0] - $a[0])) / (LensView::NEAR_M * $view->tanX),
                        ($a[1] + $t * ($b[1] - $a[1])) / (LensView::NEAR_M * $view->tanY),
                    ];
                }
            }
        }

        return $cuts;
    }
}
