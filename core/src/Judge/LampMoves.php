<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;
use FineFrame\Light\LightPlacement;
use FineFrame\Light\ModifierKind;
use FineFrame\Measure\Quantity;

/** Ideas for mends that several checks of light share: a lamp swung, raised, taken nearer or farther, dimmed, or behind a grid. */
final class LampMoves
{
    /**
     * About whom it is for, at one distance; it stays turned to them.
     *
     * @param  list<int>  $degrees  clockwise
     * @return list<Mend>
     */
    public static function swung(Situation $situation, string $id, array $degrees = [15, -15, 30, -30, 45, -45]): array
    {
        $lamp = $situation->scene->lamps[$id]->placement;
        $about = $situation->setup->bodies[$lamp->subject]->person->place;
        $ideas = [];
        foreach ($degrees as $deg) {
            $place = $about->plus($lamp->place->minus($about)->turnedClockwise(deg2rad($deg)));
            $ideas[] = new Mend(
                $deg > 0 ? 'swing-clockwise' : 'swing-counter',
                ['thing' => $situation->name($id), 'angle' => Quantity::degrees(abs($deg))],
                $situation->moved("lights/$id", $place),
            );
        }

        return $ideas;
    }

    /** So high that it comes down on their eyes, or up to them, at an angle. */
    public static function at(Situation $situation, string $id, float $elevationDeg): Mend
    {
        $lamp = $situation->scene->lamps[$id]->placement;
        $eyes = $situation->setup->bodies[$lamp->subject]->eyes;

        return self::raised(
            $situation,
            $id,
            $eyes->z + $lamp->place->distanceTo($eyes->floor()) * tan(deg2rad($elevationDeg)) - $lamp->heightM,
        );
    }

    public static function raised(Situation $situation, string $id, float $byM): Mend
    {
        return new Mend(
            $byM > 0 ? 'raise' : 'lower',
            ['thing' => $situation->name($id), 'distance' => Quantity::metres(abs($byM))],
            $situation->edit("lights/$id", ['height_m' => $situation->scene->lamps[$id]->placement->heightM + $byM]),
        );
    }

    /**
     * So many times as far from whom it is for, and as bright there as it was, as far as its dimmer goes.
     *
     * @param  list<float>  $factors
     * @return list<Mend>
     */
    public static function away(Situation $situation, string $id, array $factors): array
    {
        $box = $situation->scene->lamps[$id];
        $lamp = $box->placement;
        $eyes = $situation->setup->bodies[$lamp->subject]->eyes;
        $out = $box->centre()->minus($eyes);
        $ideas = [];
        foreach ($factors as $factor) {
            $to = $eyes->plus($out->times($factor));
            $dimmer = max($box->fixture->lowestDim, min(1.0, round($lamp->dimmer * $factor ** 2, 2)));
            $ideas[] = new Mend(
                'move-and-dim',
                [
                    'thing' => $situation->name($id),
                    'distance' => Quantity::metres(abs($factor - 1) * $out->length()),
                    'dim' => Quantity::share($dimmer),
                ],
                $situation->edit("lights/$id", ['x_m' => $to->x, 'y_m' => $to->y, 'height_m' => max(0.3, $to->z), 'dimmer' => $dimmer]),
            );
        }

        return $ideas;
    }

    /** @return list<Mend> the closest grid of the kit first, where a place before the lamp is free */
    public static function gridded(Situation $situation, string $id): array
    {
        $free = array_values(array_diff(LightPlacement::SLOTS, array_keys($situation->scene->lamps[$id]->placement->modifiers)))[0] ?? null;
        $grids = array_filter($situation->setup->plan->kit->modifiers, static fn ($m): bool => $m->kind === ModifierKind::Grid);
        uasort($grids, static fn ($a, $b): int => $b->angleDeg <=> $a->angleDeg);
        $ideas = [];
        foreach ($free === null ? [] : $grids as $grid => $modifier) {
            $ideas[] = new Mend(
                'grid',
                ['thing' => $situation->name($id), 'grid' => lcfirst($modifier->name)],
                $situation->edit("lights/$id", [$free => $grid]),
            );
        }

        return $ideas;
    }

    /** The same lamp on the other side of where somebody looks. */
    public static function mirrored(Situation $situation, string $id, Vec3 $eyes, Vec2 $axis): Mend
    {
        $place = $situation->scene->lamps[$id]->placement->place;
        $arm = $place->minus($eyes->floor());
        $to = $eyes->floor()->plus($axis->times(2 * $axis->dot($arm))->minus($arm));

        return new Mend(
            'move',
            ['thing' => $situation->name($id), 'distance' => Quantity::metres($place->distanceTo($to))],
            $situation->moved("lights/$id", $to),
        );
    }
}
