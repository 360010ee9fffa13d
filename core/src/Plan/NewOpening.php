<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Geometry\Vec2;
use FineFrame\Space\Opening;
use FineFrame\Space\OpeningKind;
use FineFrame\Space\PlacedRoom;
use FineFrame\Space\Wall;

/** A door or a window put into the wall that is pointed at, of a usual size; its measures are assumed until somebody takes them. */
final readonly class NewOpening
{
    /** Width, sill and head in metres where nobody has said. */
    private const USUAL = ['door' => [0.85, 0.0, 2.0], 'window' => [1.2, 0.9, 2.1]];

    /** From a corner, or from the opening beside it. */
    private const BESIDE_M = 0.05;

    /** A narrower one is none. */
    private const LEAST_M = 0.3;

    private function __construct(public string $id, public string $name, public Edit $edit)
    {
    }

    /** @return self|null null where the wall is full */
    public static function at(ShootPlan $plan, Location $place, OpeningKind $kind, Vec2 $point): ?self
    {
        [$room, $wall] = self::nearest($place, $point);
        [$width, $sill, $head] = self::USUAL[$kind->value];
        $along = $wall->line->from->distanceTo($wall->line->nearestTo($point));
        $gap = self::gap($room, $wall, $along);
        if ($gap === null) {
            return null;
        }
        $width = min($width, $gap[1] - $gap[0]);
        $id = FreeId::of($kind->value, array_column([...$room->taped->openings, ...$room->taped->walls, ...$room->taped->built], 'id'));
        $at = "/locations/$place->id/space$room->pointer/openings";
        $fields = [
            'offset_m' => round(max($gap[0], min($gap[1] - $width, $along - $width / 2)), 3),
            'width_m' => round($width, 3), 'sill_m' => $sill, 'head_m' => round(min($head, $room->taped->heightM), 3),
        ];
        $name = "$kind->value of the ".($wall->name ?: $wall->id);
        $assumed = array_map(static fn (string $field): string => "$at/$id/$field", array_keys($fields));

        return new self($id, $name, new Edit([
            "$at/-" => ['id' => $id, 'name' => $name, 'kind' => $kind->value, 'wall' => $wall->id] + $fields,
            '/assumed' => array_fill_keys([...$plan->assumed->pointers, ...$assumed], true),
        ]));
    }

    /** @return array{PlacedRoom, Wall} the wall that is pointed at, of whichever room */
    private static function nearest(Location $place, Vec2 $point): array
    {
        $nearest = [INF, null];
        foreach ($place->rooms->all as $room) {
            foreach ($room->room->walls as $wall) {
                $far = $wall->line->distanceTo($point);
                if ($far < $nearest[0]) {
                    $nearest = [$far, [$room, $wall]];
                }
            }
        }
        assert($nearest[1] !== null);

        return $nearest[1];
    }

    /** @return array{float, float}|null from where to where the wall is free, about that far along or else next to it; in metres */
    private static function gap(PlacedRoom $room, Wall $wall, float $alongM): ?array
    {
        $taken = array_filter($room->taped->openings, static fn (Opening $o): bool => $o->wall === $wall->id);
        usort($taken, static fn (Opening $a, Opening $b): int => $a->offsetM <=> $b->offsetM);
        $best = [INF, null];
        $from = 0.0;
        $bounds = array_map(static fn (Opening $o): array => [$o->offsetM, $o->offsetM + $o->widthM], $taken);
        foreach ([...$bounds, [$wall->line->length(), INF]] as [$to, $next]) {
            $gap = [$from + self::BESIDE_M, $to - self::BESIDE_M];
            $far = max(0.0, $gap[0] - $alongM, $alongM - $gap[1]);
            if ($gap[1] - $gap[0] >= self::LEAST_M && $far < $best[0]) {
                $best = [$far, $gap];
            }
            $from = max($from, $next);
        }

        return $best[1];
    }
}
