<?php

declare(strict_types=1);

namespace FineFrame\Figures;

use FineFrame\Geometry\Vec3;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Scene\LensView;
use FineFrame\Sound\Boom;

final class BoomFigures
{
    /** @return list<Figure> */
    public static function of(Situation $situation, string $id): array
    {
        $boom = $situation->scene->booms[$id];
        $nearest = $situation->nearestBoom($id);
        $figures = [
            new Figure('boom', $id, 'distance', Quantity::metres($boom->distanceM()), new Working('from the tip to the mouth', [])),
            new Figure(
                'boom',
                $id,
                'pole_needed',
                Quantity::metres($boom->poleNeededM()),
                new Working('from the microphone’s rear over the stand’s top + 0.30 m tail', []),
            ),
        ];
        if ($nearest !== null) {
            $search = new Working(
                'least distance in front of the mouth that leaves every frame by the margin',
                ['margin' => Quantity::metres($situation->limits->get('boom_margin_m'))],
            );
            $figures[] = new Figure('boom', $id, 'nearest', Quantity::metres($nearest->distanceM), $search);
            $figures[] = new Figure(
                'boom',
                $id,
                'cost',
                Quantity::of(Boom::costDb(max(0.01, $boom->distanceM()), $nearest->distanceM), Unit::Decibel),
                new Working(
                    '20·log₁₀(now / nearest)',
                    ['now' => Quantity::metres($boom->distanceM()), 'nearest' => Quantity::metres($nearest->distanceM)],
                    'inverse square law in the direct field',
                ),
            );
        }
        foreach ($situation->scene->views as $camera => $view) {
            $figures[] = new Figure(
                'boom',
                $id,
                "clearance.$camera",
                Quantity::metres(self::clearance($view, $boom->tip(), $boom->model->diameterM / 2)),
                new Working('from the tip to the nearest side of the frame; below zero it is inside', []),
            );
        }

        return $figures;
    }

    private static function clearance(LensView $view, Vec3 $tip, float $radius): float
    {
        $outside = array_map(static fn (Vec3 $n): float => -$n->dot($tip->minus($view->camera->pupil())), $view->sides());

        return max($outside) - $radius;
    }
}
