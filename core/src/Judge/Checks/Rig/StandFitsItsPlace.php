<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rig;

use FineFrame\Geometry\Vec2;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Moves;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Scene\Footprint;

/** Legs need their floor: no support stands in a wall, in furniture or in somebody’s lap. */
final class StandFitsItsPlace extends Rule
{
    public function id(): string
    {
        return 'stand-fits-its-place';
    }

    public function stage(): Stage
    {
        return Stage::Rig;
    }

    /** Legs of two stands may be threaded by this much of their radii. */
    private const THREADED = 0.5;

    public function run(Situation $situation): iterable
    {
        $prints = $situation->footprints();
        foreach ($prints as $i => $print) {
            // The ground outside is not measured here.
            if ($print->support === null || (isset($situation->scene->lamps[$print->owner]) && $situation->scene->isOutside($print->owner))) {
                continue;
            }
            $name = $situation->name($print->owner);
            [$deep, $what, $away] = $this->deepest($situation, $print, array_slice($prints, 0, $i), array_slice($prints, $i + 1));
            yield $this->finding(
                $deep > 0 ? Severity::Breaks : Severity::Holds,
                ['thing' => $name, 'what' => $what, 'distance' => Quantity::metres(max(0.0, $deep)), 'radius' => Quantity::metres($print->radiusM)],
                [$print->owner],
                new Working('overlap = leg radius + clearance − distance to the obstacle', ['leg radius' => Quantity::metres($print->radiusM), 'clearance' => Quantity::metres($situation->limits->get('clearance_m')), 'overlap' => Quantity::metres($deep)]),
                $deep > 0 ? $this->ideas($situation, $print, $name, $away, $deep) : [],
                $deep > 0 ? ($what === '' ? 'wall' : 'fails') : null,
            );
        }
    }

    /**
     * @param  list<Footprint>  $before
     * @param  list<Footprint>  $after
     * @return array{float, string, Vec2} how deep, in what (nothing named: outside the room), and the way out
     */
    private function deepest(Situation $situation, Footprint $print, array $before, array $after): array
    {
        $clear = $situation->limits->get('clearance_m');
        $worst = [-INF, '', new Vec2(0, 0)];
        $note = static function (float $deep, string $what, Vec2 $away) use (&$worst): void {
            $worst = $deep > $worst[0] ? [$deep, $what, $away->unit()] : $worst;
        };
        foreach ($situation->setup->room->faces as $wall) {
            $nearest = $wall->line->nearestTo($print->centre);
            $note($print->radiusM + $clear - $nearest->distanceTo($print->centre), $wall->name, $print->centre->minus($nearest));
        }
        foreach ($situation->scene->obstacles() as $thing) {
            if ($thing->baseM < 0.3 && ! $thing->carriesStands && $thing->isNear($print->centre, $print->radiusM + $clear)) {
                $edge = $thing->footprint;
                $gap = $edge->contains($print->centre) ? -$edge->borderDistanceTo($print->centre) : $edge->borderDistanceTo($print->centre);
                $note($print->radiusM + $clear - $gap, $thing->name, $print->centre->minus($thing->place));
            }
        }
        foreach ([...$before, ...$after] as $other) {
            $room = $other->support === null ? $other->radiusM : $other->radiusM * self::THREADED;
            $mine = $other->support === null ? $print->radiusM : $print->radiusM * self::THREADED;
            $note($mine + $room - $other->centre->distanceTo($print->centre), $situation->name($other->owner), $print->centre->minus($other->centre));
        }
        $situation->setup->room->contains($print->centre) ?: $note($print->radiusM, '', new Vec2(0, 0));

        return $worst;
    }

    /** @return list<Mend> */
    private function ideas(Situation $situation, Footprint $print, string $name, Vec2 $away, float $deep): array
    {
        $ideas = [];
        foreach ([0.0, 0.6, -0.6, 1.2, -1.2] as $turn) {
            $ideas[] = Moves::push($situation, $print->path, $name, $away->turnedClockwise($turn)->times($deep / max(0.3, cos($turn)) + 0.02));
        }

        return $ideas;
    }
}
