<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Stage;

use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Vec2;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Moves;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Space\Opening;

/** The floor inside a way out stays free for people to leave by; local fire rules may ask for more. */
final class WayOutIsClear extends Rule
{
    /** What hangs higher than this is walked under, metres. */
    private const OVERHEAD_M = 2.0;

    public function id(): string
    {
        return 'way-out-is-clear';
    }

    public function stage(): Stage
    {
        return Stage::Stage;
    }

    public function run(Situation $situation): iterable
    {
        $depth = $situation->limits->get('way_out_depth_m');
        foreach ($situation->setup->room->openings as $door) {
            if (! $door->wayOut) {
                continue;
            }
            $way = $situation->setup->room->clearWay($door, $depth);
            $working = new Working(
                'free floor = the opening’s width × depth',
                ['width' => Quantity::metres($door->widthM), 'depth' => Quantity::metres($depth)],
                'our starting point; the venue’s fire plan and local code decide',
            );
            $blocked = false;
            foreach ($this->inTheWay($situation, $way) as [$id, $path, $outline]) {
                $blocked = true;
                yield $this->finding(Severity::Breaks, [
                    'thing' => $situation->name($id),
                    'door' => $situation->name($door->id),
                    'depth' => Quantity::metres($depth),
                ], [$id, $door->id], $working,
                    $this->ideas($situation, $door, $path, $situation->name($id), $outline, $way));
            }
            if (! $blocked) {
                yield $this->finding(
                    Severity::Holds,
                    ['door' => $situation->name($door->id), 'depth' => Quantity::metres($depth)],
                    [$door->id],
                    $working,
                );
            }
        }
    }

    /** @return iterable<array{string, string, Polygon}> id, path to move it by, outline */
    private function inTheWay(Situation $situation, Polygon $way): iterable
    {
        foreach ($situation->footprints() as $print) {
            if (($print->takesFloor() || $print->load->z < self::OVERHEAD_M) && $way->meetsCircle($print->centre, $print->radiusM)) {
                yield [$print->owner, $print->path, $print->outline()];
            }
        }
        foreach ($situation->scene->obstacles() as $thing) {
            // What is built in has always stood there; only what somebody put in the way can be taken out of it.
            if (
                $thing->path !== null
                && $thing->baseM < self::OVERHEAD_M
                && $thing->isNear($way->corners[0], $way->corners[0]->distanceTo($way->corners[2]))
                && $thing->footprint->gapTo($way) <= 0
            ) {
                yield [$thing->id, $thing->path, $thing->footprint];
            }
        }
    }

    /** @return list<Mend> along the wall either way, or into the room, by as much as clears */
    private function ideas(Situation $situation, Opening $door, string $path, string $name, Polygon $outline, Polygon $way): array
    {
        $wall = $situation->setup->room->wallOf($door);
        $ideas = [];
        foreach ([$wall->line->direction(), $wall->line->direction()->times(-1), $wall->inward()] as $towards) {
            $reach = static fn (Polygon $p): float => max(array_map(static fn (Vec2 $c): float => $c->dot($towards), $p->corners));
            $trail = min(array_map(static fn (Vec2 $c): float => $c->dot($towards), $outline->corners));
            $ideas[] = $towards->times(max(0.0, $reach($way) - $trail) + 0.03);
        }
        usort($ideas, static fn (Vec2 $a, Vec2 $b): int => $a->length() <=> $b->length());

        return array_map(static fn (Vec2 $by): Mend => Moves::push($situation, $path, $name, $by), $ideas);
    }
}
