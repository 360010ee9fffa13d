<?php

declare(strict_types=1);

namespace FineFrame\Propose;

use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Segment;
use FineFrame\Geometry\Turn;
use FineFrame\Geometry\Vec2;
use FineFrame\Scene\Footprint;
use FineFrame\Scene\Obstacle;
use FineFrame\Scene\Scene;
use FineFrame\Scene\ThingKind;
use FineFrame\Space\OpeningKind;
use FineFrame\Space\Rooms;
use FineFrame\Space\Wall;

/** The room as a search looks at it thousands of times: what a stand cannot stand on, what a look runs into, where the windows are. */
final readonly class Ground
{
    private const KEEP_OFF_M = 0.05;

    private const THREADED = 0.6;

    /** @var list<array{Polygon, float, float}> footprint, base and top of what stands there */
    private array $blocks;

    /** @var list<Polygon> ways out, and stands of lamps and microphones */
    private array $keepOff;

    /** @var list<array{Vec2, float, float, string}> middle, half width, mean height and name of each window */
    public array $windows;

    public Rooms $room;

    /** @param  list<ThingKind>  $kept  whose stands stay where they are */
    public function __construct(Scene $scene, float $wayOutM, array $kept = [ThingKind::Light, ThingKind::Boom])
    {
        $this->room = $scene->setup->room;
        $this->blocks = array_map(static fn (Obstacle $o): array => [$o->footprint, $o->baseM, $o->topM], $scene->obstacles());
        $keepOff = [];
        foreach ($this->room->openings as $opening) {
            if ($opening->wayOut) {
                $keepOff[] = $this->room->clearWay($opening, $wayOutM);
            }
        }
        foreach (Footprint::allOf($scene) as $print) {
            if (in_array($print->kind, $kept, true)) {
                // Legs may be threaded, people may not.
                $keepOff[] = Polygon::circle($print->centre, ($print->support === null ? 1.0 : self::THREADED) * $print->radiusM);
            }
        }
        $this->keepOff = $keepOff;
        $windows = [];
        foreach ($this->room->openings as $opening) {
            if ($opening->kind === OpeningKind::Window) {
                $windows[] = [
                    $this->room->lineOf($opening)->at(0.5),
                    $opening->widthM / 2,
                    ($opening->sillM + $opening->headM) / 2,
                    $opening->name,
                ];
            }
        }
        $this->windows = $windows;
    }

    /** Whether a stand of this radius has its legs on free floor. */
    public function carries(Vec2 $place, float $radiusM): bool
    {
        if (! $this->room->contains($place)) {
            return false;
        }
        foreach ($this->room->faces as $wall) {
            if ($wall->line->distanceTo($place) < $radiusM + self::KEEP_OFF_M) {
                return false;
            }
        }
        foreach ($this->keepOff as $area) {
            if ($area->distanceTo($place) < $radiusM) {
                return false;
            }
        }
        foreach ($this->blocks as [$footprint, $base]) {
            if ($base < 0.3 && $footprint->distanceTo($place) < $radiusM + self::KEEP_OFF_M) {
                return false;
            }
        }

        return true;
    }

    /** Whether a look at this height meets nothing on its way. */
    public function sees(Vec2 $from, Vec2 $to, float $heightM): bool
    {
        $line = new Segment($from, $to);
        foreach ($this->room->faces as $wall) {
            if ($wall->line->crosses($line)) {
                return false;
            }
        }
        foreach ($this->blocks as [$footprint, $base, $top]) {
            foreach ($base < $heightM && $top > $heightM - 0.3 ? $footprint->edges() : [] as $edge) {
                if ($edge->crosses($line)) {
                    return false;
                }
            }
        }

        return true;
    }

    /** Whether a window stands right behind a head, seen from a place. */
    public function windowBehind(Vec2 $from, Vec2 $head): bool
    {
        $to = $head->minus($from);
        foreach ($this->windows as [$middle, $half]) {
            $there = $middle->minus($from);
            if (
                $there->length() > $to->length()
                && abs(Turn::wrapped($there->bearing() - $to->bearing())) < atan2($half, $there->length()) + atan2(0.22, $to->length())
            ) {
                return true;
            }
        }

        return false;
    }

    /** @return array{float, ?Wall} metres from a head to what is behind it on a line, and the wall at its end */
    public function behind(Vec2 $head, Vec2 $towards, float $heightM): array
    {
        [$wall, $met] = $this->room->firstWall($head, $towards);
        $nearest = $wall;
        foreach ($this->blocks as [$footprint, $base, $top]) {
            foreach ($base < $heightM && $top > $heightM ? $footprint->edges() : [] as $edge) {
                $hit = $edge->hitBy($head, $towards);
                $nearest = $hit !== null && $hit > 0.2 ? min($nearest, $hit) : $nearest;
            }
        }

        return [$nearest, $met];
    }
}
