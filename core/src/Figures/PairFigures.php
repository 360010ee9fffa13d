<?php

declare(strict_types=1);

namespace FineFrame\Figures;

use FineFrame\Judge\Situation;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Scene\LensView;

final class PairFigures
{
    /** @return list<Figure> of A and B on the same subject */
    public static function of(Situation $situation): array
    {
        [$a, $b] = [$situation->setup->camera(0), $situation->setup->camera(1)];
        $body = $a === null ? null : $situation->setup->bodyFor($a);
        if ($a === null || $b === null || $body === null) {
            return [];
        }
        $size = static fn (float $one, float $two): float => max($one, $two) / min($one, $two);
        $one = $a->delivered->heightAt(LensView::depthOf($a, $body));
        $two = $b->delivered->heightAt(LensView::depthOf($b, $body));
        $about = $a->placement->id.'+'.$b->placement->id;

        return [
            new Figure(
                'pair',
                $about,
                'angle',
                Quantity::degrees(rad2deg($a->pupil()->minus($body->eyes)->angleTo($b->pupil()->minus($body->eyes)))),
                new Working('between the lenses, seen from the eyes', []),
            ),
            new Figure(
                'pair',
                $about,
                'size_ratio',
                Quantity::ratio($size($one, $two)),
                new Working('wider field / tighter field at the face', ['A' => Quantity::metres($one), 'B' => Quantity::metres($two)]),
            ),
        ];
    }
}
