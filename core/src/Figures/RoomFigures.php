<?php

declare(strict_types=1);

namespace FineFrame\Figures;

use FineFrame\Judge\Situation;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Space\PlacedRoom;

final class RoomFigures
{
    /** @return list<Figure> */
    public static function of(Situation $situation): array
    {
        $rooms = $situation->setup->room;
        $room = $rooms->first();
        $id = $situation->setup->location->id;
        $one = static fn (string $name, Quantity $value, string $formula): Figure => new Figure(
            'room',
            $id,
            $name,
            $value,
            new Working($formula, ['height' => Quantity::metres($room->heightM)], 'solved from the tape'),
        );

        return [
            $one(
                'area',
                Quantity::of(
                    array_sum(array_map(static fn (PlacedRoom $r): float => $r->room->floor->signedArea(), $rooms->all)),
                    Unit::SquareMetre,
                ),
                'area = ½·Σ (xᵢ·yᵢ₊₁ − xᵢ₊₁·yᵢ)',
            ),
            $one('perimeter', Quantity::metres($room->survey->perimeterM), 'sum of the taped walls'),
            $one('misclosure', Quantity::metres($room->survey->misclosureM), 'gap of the chain, or the largest residual'),
            $one('height', Quantity::metres($room->heightM), 'as taped'),
        ];
    }
}
