<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rig;

use FineFrame\Geometry\Vec2;
use FineFrame\Grip\Support;
use FineFrame\Grip\SupportKind;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Moves;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Scene\Bites;
use FineFrame\Scene\Footprint;
use FineFrame\Scene\ThingKind;

/** Legs need their floor: no support stands in a wall, in furniture or in somebody’s lap; and a clamp needs something to bite. */
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
            if (
                $print->support === null
                || (isset($situation->scene->lamps[$print->owner]) && $situation->scene->isOutside($print->owner))
            ) {
                continue;
            }
            if (! $print->takesFloor()) {
                yield $this->bitten($situation, $print);

                continue;
            }
            $name = $situation->name($print->owner);
            [$deep, $what, $away] = $this->deepest($situation, $print, array_slice($prints, 0, $i), array_slice($prints, $i + 1));
            yield $this->finding(
                $deep > 0 ? Severity::Breaks : Severity::Holds,
                [
                    'thing' => $name,
                    'what' => $what,
                    'distance' => Quantity::metres(max(0.0, $deep)),
                    'radius' => Quantity::metres($print->radiusM),
                ],
                [$print->owner],
                new Working(
                    'overlap = leg radius + clearance − distance to the obstacle',
                    [
                        'leg radius' => Quantity::metres($print->radiusM),
                        'clearance' => Quantity::metres($situation->limits->get('clearance_m')),
                        'overlap' => Quantity::metres($deep),
                    ],
                ),
                $deep > 0 ? fn (): array => $this->ideas($situation, $print, $name, $away, $deep) : [],
                match (true) {
                    $deep <= 0 => null,
                    $what === '' => 'wall',
                    default => 'fails',
                },
            );
        }
    }

    private function bitten(Situation $situation, Footprint $print): Finding
    {
        [$far, $what] = (new Bites($situation->scene))->nearest($print->load, $print->owner);
        $values = [
            'thing' => $situation->name($print->owner),
            'what' => $what,
            'distance' => Quantity::metres($far),
            'reach' => Quantity::metres(Bites::REACH_M),
        ];
        $working = new Working(
            'a clamp bites furniture, columns, beams, stands, the edge of a door or window, or what hangs under a ceiling',
            ['to the nearest' => Quantity::metres($far), 'reach' => Quantity::metres(Bites::REACH_M)],
        );
        if ($far <= Bites::REACH_M) {
            return $this->finding(Severity::Holds, $values, [$print->owner], $working, case: 'bites');
        }
        $stands = array_filter(
            $situation->setup->plan->kit->supports,
            static fn (Support $s): bool => $s->kind === SupportKind::Stand
                && $s->lowestM <= $print->load->z
                && $s->highestM >= $print->load->z,
        );
        $field = $print->kind === ThingKind::Camera ? 'support' : 'stand';
        $ideas = array_map(
            static fn (Support $s): Mend => new Mend(
                'put-on',
                ['thing' => $values['thing'], 'support' => $s->name],
                $situation->edit($print->path, [$field => $s->id]),
            ),
            array_slice(array_values($stands), 0, 4),
        );

        return $this->finding(Severity::Breaks, $values, [$print->owner], $working, $ideas, 'hangs');
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
            if (! $other->takesFloor() || $print->sharesStandWith($other)) {
                continue;
            }
            $room = $other->support === null ? $other->radiusM : $other->radiusM * self::THREADED;
            $mine = $other->support === null ? $print->radiusM : $print->radiusM * self::THREADED;
            $note(
                $mine + $room - $other->centre->distanceTo($print->centre),
                $situation->name($other->owner),
                $print->centre->minus($other->centre),
            );
        }
        if (! $situation->setup->room->contains($print->centre)) {
            $note($print->radiusM, '', new Vec2(0, 0));
        }

        return $worst;
    }

    /** @return list<Mend> */
    private function ideas(Situation $situation, Footprint $print, string $name, Vec2 $away, float $deep): array
    {
        $ideas = [];
        foreach ([0.0, 0.6, -0.6, 1.2, -1.2] as $turn) {
            $ideas[] = Moves::push(
                $situation,
                $print->path,
                $name,
                $away->turnedClockwise($turn)->times($deep / max(0.3, cos($turn)) + 0.02),
            );
        }

        return $ideas;
    }
}
