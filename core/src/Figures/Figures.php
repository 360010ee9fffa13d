<?php

declare(strict_types=1);

namespace FineFrame\Figures;

use FineFrame\Judge\Situation;

/** Every computed figure of a setup; cards, papers and the command line read the same ones. */
final class Figures
{
    /** @return list<Figure> */
    public static function of(Situation $situation): array
    {
        $all = [RoomFigures::of($situation), PlaceFigures::of($situation->place())];
        foreach (array_keys($situation->setup->cameras) as $id) {
            $all[] = CameraFigures::of($situation, $id);
        }
        $all[] = PairFigures::of($situation);
        foreach ($situation->setup->subjects() as $subject) {
            $all[] = LightFigures::face($situation, $subject->id);
        }
        foreach (array_keys($situation->scene->lamps) as $id) {
            $all[] = LightFigures::lamp($situation, $id);
        }
        foreach (array_keys($situation->scene->booms) as $id) {
            $all[] = BoomFigures::of($situation, $id);
        }

        return array_merge(...$all);
    }
}
