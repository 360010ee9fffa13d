<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Camera\Camera;
use FineFrame\Camera\Move;
use FineFrame\Geometry\Vec2;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Plan\SetupList;
use FineFrame\Sound\BoomPlacement;
use FineFrame\Staging\Body;

/** Ideas for mends that several checks share. */
final class Moves
{
    /** As lenses are marked, by thirds. */
    public const STOPS = [1.4, 1.6, 1.8, 2.0, 2.2, 2.5, 2.8, 3.2, 3.5, 4.0, 4.5, 5.0, 5.6, 6.3, 7.1, 8.0, 9.0, 10.0, 11.0];

    /** @return list<Mend> the camera swung about the subject, a little and then more, both ways; then a longer focal length */
    public static function around(Situation $situation, Camera $camera, Body $body): array
    {
        $ideas = [];
        foreach ([8, -8, 16, -16, 24, -24, 36, -36, 48, -48] as $deg) {
            $arm = $camera->placement->place->minus($body->person->place)->turnedClockwise(deg2rad($deg));
            $ideas[] = new Mend(
                $deg > 0 ? 'swing-clockwise' : 'swing-counter',
                ['thing' => $camera->placement->label, 'angle' => Quantity::degrees(abs($deg))],
                $situation->moved("cameras/{$camera->placement->id}", $body->person->place->plus($arm)),
            );
        }

        return [...$ideas, ...self::longer($situation, $camera)];
    }

    /** @return list<Mend> longer focal lengths on the same lens */
    public static function longer(Situation $situation, Camera $camera): array
    {
        $ideas = [];
        foreach ([1.15, 1.3, 1.5, 1.75, 2.0] as $factor) {
            $focal = round($camera->placement->focalMm * $factor);
            if ($focal <= $camera->lens->longestMm && $focal > $camera->placement->focalMm) {
                $ideas[] = self::zoom($situation, $camera, $focal);
            }
        }

        return $ideas;
    }

    public static function zoom(Situation $situation, Camera $camera, float $focalMm): Mend
    {
        return new Mend(
            'zoom',
            ['thing' => $camera->placement->label, 'focal' => Quantity::of($focalMm, Unit::Millimetre)],
            $situation->edit("cameras/{$camera->placement->id}", ['focal_mm' => $focalMm]),
        );
    }

    /** @return list<Mend> a boom where it hangs nearest, clear of every frame; nothing for other microphones */
    public static function boomNearest(Situation $situation, string $id): array
    {
        $to = isset($situation->scene->booms[$id]) ? $situation->nearestBoom($id) : null;

        return $to === null
            ? []
            : [
                new Mend(
                    'boom-nearest',
                    ['thing' => $situation->name($id), 'distance' => Quantity::metres($to->distanceM)],
                    $situation->edit("microphones/$id", ['x_m' => $to->tip->x, 'y_m' => $to->tip->y, 'height_m' => $to->tip->z]),
                ),
            ];
    }

    /** @return list<Mend> a few marks further down */
    public static function stoppedDown(Situation $situation, Camera $camera): array
    {
        $further = array_filter(self::STOPS, static fn (float $stop): bool => $stop > $camera->placement->tStop);

        return array_map(
            static fn (float $stop): Mend => new Mend(
                'stop-down',
                ['thing' => $camera->placement->label, 'stop' => Quantity::of($stop, Unit::TStop)],
                $situation->edit("cameras/{$camera->placement->id}", ['t_stop' => $stop]),
            ),
            array_slice($further, 0, 6),
        );
    }

    /** @return list<Mend> shorter focal lengths on the same lens */
    public static function wider(Situation $situation, Camera $camera): array
    {
        $ideas = [];
        foreach ([0.85, 0.7, 0.5] as $factor) {
            $focal = round($camera->placement->focalMm * $factor);
            if ($focal >= $camera->lens->shortestMm && $focal < $camera->placement->focalMm) {
                $ideas[] = self::zoom($situation, $camera, $focal);
            }
        }

        return $ideas;
    }

    /** @return list<Mend> the part of a talk that a stretch of recording reaches too far into begins after a break */
    public static function breakBefore(Situation $situation, string $part): array
    {
        foreach ($situation->setup->setup->list('progress') as $row) {
            if ($row->id === $part) {
                return [
                    new Mend('break-before', ['part' => $row->text('name')], $situation->edit("progress/$part", ['break_before' => true])),
                ];
            }
        }

        return [];
    }

    /** @return list<Mend> the same way in more time, mark by mark */
    public static function slower(Situation $situation, Move $move): array
    {
        $ideas = [];
        foreach ([1.25, 1.6, 2.0, 3.0] as $factor) {
            $values = [];
            foreach ($move->marks as $mark) {
                $values["marks/$mark->id/at_s"] = round($move->marks[0]->atS + $factor * ($mark->atS - $move->marks[0]->atS), 1);
            }
            $ideas[] = new Mend(
                'slower',
                ['camera' => $situation->name($move->camera), 'time' => Quantity::seconds($factor * $move->lastsS())],
                $situation->edit("moves/$move->id", $values),
            );
        }

        return $ideas;
    }

    /** Moves a thing over the floor by an offset; a boom's stand moves, its tip stays. */
    public static function push(Situation $situation, string $path, string $name, Vec2 $by): Mend
    {
        [$list, $id] = explode('/', $path);
        $thing = SetupList::holding($situation->setup->setup, $id)[1] ?? null;
        if ($thing !== null && ! $thing instanceof BoomPlacement) {
            return new Mend(
                'move',
                ['thing' => $name, 'distance' => Quantity::metres($by->length())],
                $situation->moved($path, (SetupList::place($thing) ?? new Vec2(0.0, 0.0))->plus($by)),
            );
        }
        $stand = $situation->scene->booms[$id]->placement->standPlace->plus($by);

        return new Mend(
            'move-stand',
            ['thing' => $name, 'distance' => Quantity::metres($by->length())],
            $situation->edit("$list/$id", ['stand_x_m' => $stand->x, 'stand_y_m' => $stand->y]),
        );
    }
}
