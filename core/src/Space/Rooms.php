<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Geometry\Motion;
use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Segment;
use FineFrame\Geometry\Vec2;

/**
 * The rooms of a place as they stand together, in the first one's axes: what is seen, walked and measured from room to
 * room. A joined room is laid with its wall along the opening's other side, as far off as the wall is thick.
 */
final readonly class Rooms
{
    /** @var list<Wall> from corner to corner */
    public array $walls;

    /** @var list<Wall> straight pieces of wall, with the ways through left open: what stops a tape, a foot or a look */
    public array $faces;

    /** @var list<Opening> */
    public array $openings;

    /** @var list<Built> */
    public array $built;

    /** @var list<Outlet> */
    public array $outlets;

    /** The highest of all, metres. */
    public float $heightM;

    public float $northRad;

    /**
     * @param  non-empty-list<PlacedRoom>  $all  the first one first
     * @param  list<Joint>  $joints
     */
    private function __construct(public array $all, public array $joints)
    {
        [$walls, $openings, $built, $outlets, $faces] = [[], [], [], [], []];
        foreach ($all as $one) {
            array_push($walls, ...$one->room->walls);
            array_push($openings, ...$one->room->openings);
            array_push($built, ...$one->room->built);
            array_push($outlets, ...$one->room->outlets);
        }
        foreach ($this->panels() as $panel) {
            if ($panel->stops()) {
                $faces[] = $panel->wall;
            }
        }
        [$this->walls, $this->openings, $this->built, $this->outlets, $this->faces] = [$walls, $openings, $built, $outlets, $faces];
        $this->heightM = max(array_map(static fn (PlacedRoom $r): float => $r->room->heightM, $all));
        $this->northRad = $all[0]->taped->northRad;
    }

    public static function of(Room $first): self
    {
        $all = [new PlacedRoom('', '', '', $first, Motion::none())];
        $joints = [];
        for ($i = 0; $i < count($all); $i++) {
            foreach ($all[$i]->taped->joined as $joined) {
                $joint = self::joint($all[$i], $joined);
                if ($joint !== null) {
                    $all[] = new PlacedRoom(
                        $joined->id,
                        $joined->name,
                        $all[$i]->pointer."/rooms/$joined->id/space",
                        $joined->space,
                        $joint[1],
                        $joined,
                    );
                    $joints[] = $joint[0];
                }
            }
        }

        return new self($all, $joints);
    }

    public function first(): Room
    {
        return $this->all[0]->room;
    }

    /** A room of them, the first when none is called so. */
    public function called(string $id): PlacedRoom
    {
        return array_values(array_filter($this->all, static fn (PlacedRoom $r): bool => $r->id === $id))[0] ?? $this->all[0];
    }

    /** @return list<Polygon> each room's floor, and what lies within the walls between them */
    public function floors(): array
    {
        return [
            ...array_map(static fn (PlacedRoom $r): Polygon => $r->room->floor, $this->all),
            ...array_map(static fn (Joint $j): Polygon => $j->threshold(), $this->joints),
        ];
    }

    /** @return non-empty-list<Vec2> every corner */
    public function corners(): array
    {
        return array_merge(...array_map(static fn (PlacedRoom $r): array => $r->room->floor->corners, $this->all));
    }

    public function contains(Vec2 $place): bool
    {
        foreach ($this->floors() as $floor) {
            if ($floor->contains($place)) {
                return true;
            }
        }

        return false;
    }

    /** Metres from a place to the nearest floor's border. */
    public function borderDistanceTo(Vec2 $place): float
    {
        return min([INF, ...array_map(static fn (Polygon $f): float => $f->borderDistanceTo($place), $this->floors())]);
    }

    /** Metres from a place to the nearest piece of wall; a way through is none. */
    public function wallDistanceTo(Vec2 $place): float
    {
        return min([INF, ...array_map(static fn (Wall $w): float => $w->line->distanceTo($place), $this->faces)]);
    }

    /** What one stands on there, metres above the room's floor: a platform's top, else 0. */
    public function standingAt(Vec2 $place): float
    {
        $top = 0.0;
        foreach ($this->built as $built) {
            if ($built->kind->carriesStands() && $built->footprint()->contains($place)) {
                $top = max($top, $built->baseM + $built->heightM);
            }
        }

        return $top;
    }

    /** What is overhead at a place, metres: the ceiling of its room, or the head of the way through. */
    public function heightAt(Vec2 $place): float
    {
        foreach (count($this->all) === 1 ? [] : $this->all as $one) {
            if ($one->room->floor->contains($place)) {
                return $one->room->ceiling->heightAt($place);
            }
        }
        foreach ($this->joints as $joint) {
            if ($joint->threshold()->contains($place)) {
                return $joint->opening->headM;
            }
        }

        return $this->first()->ceiling->heightAt($place);
    }

    public function wallOf(Opening $opening): Wall
    {
        foreach ($this->walls as $wall) {
            if ($wall->id === $opening->wall) {
                return $wall;
            }
        }

        return $this->first()->walls[0];
    }

    public function wall(string $id): ?Wall
    {
        return array_values(array_filter($this->walls, static fn (Wall $w): bool => $w->id === $id))[0] ?? null;
    }

    public function lineOf(Opening $opening): Segment
    {
        return $this->wallOf($opening)->part($opening->offsetM, $opening->widthM);
    }

    /** The floor that a door needs to open and be walked through, metres deep. */
    public function clearWay(Opening $opening, float $depthM): Polygon
    {
        $line = $this->lineOf($opening);
        $in = $this->wallOf($opening)->inward()->times($depthM);

        return new Polygon([$line->from, $line->to, $line->to->plus($in), $line->from->plus($in)]);
    }

    /** @return array{float, ?Wall} metres to the first wall on the way, through open doors, and that wall */
    public function firstWall(Vec2 $from, Vec2 $towards): array
    {
        [$nearest, $met] = [INF, null];
        foreach ($this->faces as $wall) {
            $distance = $wall->line->hitBy($from, $towards);
            if ($distance !== null && $distance < $nearest) {
                [$nearest, $met] = [$distance, $wall];
            }
        }

        return [$nearest, $met];
    }

    /**
     * @return list<Wall> the two walls to measure a place from, each met squarely: the nearest of its room, and the nearest that is turned
     *     45° or more from it
     */
    public function tapeWalls(Vec2 $place): array
    {
        $room = array_values(
            array_filter($this->all, static fn (PlacedRoom $r): bool => $r->room->floor->contains($place)),
        )[0] ?? $this->all[0];
        $walls = array_values(array_filter($room->room->walls, static fn (Wall $w): bool => $w->faces($place))) ?: $room->room->walls;
        usort($walls, static fn (Wall $a, Wall $b): int => $a->line->distanceTo($place) <=> $b->line->distanceTo($place));
        foreach ($walls as $other) {
            if (abs($other->line->direction()->dot($walls[0]->line->direction())) < M_SQRT1_2) {
                return [$walls[0], $other];
            }
        }

        return [$walls[0]];
    }

    /** @return list<Panel> every wall as it is seen: pieces beside the ways through, above and below them, and the walls' thickness */
    public function panels(): array
    {
        $panels = [];
        foreach ($this->all as $one) {
            foreach ($one->room->faces as $face) {
                $panels[] = new Panel($one->room, $face, 0.0, null);
            }
        }
        $panels = $this->cut($panels);
        foreach ($this->joints as $joint) {
            foreach ($joint->jambs() as $jamb) {
                $panels[] = new Panel($this->first(), $jamb, $joint->opening->sillM, $joint->opening->headM);
            }
        }

        return $panels;
    }

    /** @return array{Joint, Motion}|null null where the opening or the wall is none, which the reader has been told */
    private static function joint(PlacedRoom $before, JoinedRoom $joined): ?array
    {
        $opening = array_values(
            array_filter($before->room->openings, static fn (Opening $o): bool => $o->id === $joined->through),
        )[0] ?? null;
        $wall = $before->room->wall($opening->wall ?? '');
        $there = $joined->space->wall($joined->wall)?->part($joined->offsetM, $opening->widthM ?? 0.0);
        if ($opening === null || $wall === null || $there === null) {
            return null;
        }
        $here = $wall->part($opening->offsetM, $opening->widthM);
        $out = $wall->inward()->times(-$opening->revealM);
        $motion = Motion::laying($there, new Segment($here->to->plus($out), $here->from->plus($out)));

        return [new Joint($opening, $wall->id, $here, $joined->wall, $motion->segment($there)), $motion];
    }

    /**
     * @param  list<Panel>  $panels
     * @return list<Panel>
     */
    private function cut(array $panels): array
    {
        foreach ($this->joints as $joint) {
            foreach ([[$joint->wall, $joint->here], [$joint->otherWall, $joint->there]] as [$wall, $line]) {
                $panels = array_merge(
                    [],
                    ...array_map(
                        static fn (Panel $p): array => $p->wall->id === $wall && $p->isWhole() ? $p->around($line, $joint->opening) : [$p],
                        $panels,
                    ),
                );
            }
        }

        return $panels;
    }
}
