<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Geometry\Segment;
use FineFrame\Geometry\Vec2;
use FineFrame\Grip\Support;
use FineFrame\Scene\Footprint;
use FineFrame\Space\FloorBody;
use FineFrame\Space\ImpossibleWay;
use FineFrame\Space\Joint;
use FineFrame\Space\Opening;
use FineFrame\Space\Wall;
use FineFrame\Space\WayOut;
use FineFrame\Space\WaysOut;
use FineFrame\Space\WayThrough;
use FineFrame\Staging\Body;

/** How everybody gets out of a place with all that stands in it: people and what they carry walk by themselves. */
final readonly class Escape
{
    /** What hangs higher than this is walked under, metres. */
    public const OVERHEAD_M = 2.0;

    /** Somebody walking straight ahead is so wide, metres. */
    private const SHOULDERS_M = 0.6;

    /** A seat or a table so near is got up from, metres. */
    private const OWN_M = 0.05;

    /**
     * @param  list<FloorBody>  $bodies
     * @param  array<string, string>  $paths  by what can be moved, as an edit addresses it
     */
    private function __construct(private WaysOut $ways, private array $bodies, private array $paths)
    {
    }

    /** @return self|null null where nobody has said which opening is a way out */
    public static function of(Situation $situation): ?self
    {
        $room = $situation->setup->room;
        // What leads into another room of the place is no way out of it.
        $inner = array_map(static fn (Joint $j): string => $j->opening->id, $room->joints);
        $exits = [];
        foreach ($room->openings as $opening) {
            if ($opening->wayOut && ! in_array($opening->id, $inner, true)) {
                $exits[$opening->id] = $room->lineOf($opening);
            }
        }
        [$bodies, $paths] = [[], []];
        foreach ($situation->scene->obstacles() as $thing) {
            if ($thing->baseM < self::OVERHEAD_M && ! $thing->carriesStands) {
                $bodies[] = FloorBody::piece($thing->id, $thing->footprint);
                $paths += $thing->path === null ? [] : [$thing->id => $thing->path];
            }
        }
        foreach (array_filter($situation->footprints(), self::stays(...)) as $print) {
            $bodies[] = FloorBody::round($print->owner, $print->centre, $print->radiusM);
            $paths[$print->owner] = $print->path;
        }
        $walls = array_map(static fn (Wall $w): Segment => $w->line, $room->faces);
        try {
            return $exits === [] ? null : new self(WaysOut::of([$room->first()->floor], $walls, $bodies, $exits), $bodies, $paths);
        } catch (ImpossibleWay) {
            return null;
        }
    }

    /**
     * @param  array<string, Body>  $bodies
     * @return list<array{string, WayOut, non-empty-list<Body>}> the best way out of each; those whom the same two things keep in together
     */
    public function ofAll(array $bodies): array
    {
        $all = [];
        foreach ($bodies as $body) {
            $ways = $this->from($body->person->place);
            $best = WayOut::best($ways);
            $key = implode(' ', [$best, ...$ways[$best]->between, (string) round($ways[$best]->widthM, 6)]);
            $all[$key] = [$best, $ways[$best], [...($all[$key][2] ?? []), $body]];
        }

        return array_values($all);
    }

    /** @return non-empty-array<string, WayOut> by way out; a seat that somebody sits on, or a table they sit at, is none in their way */
    public function from(Vec2 $place): array
    {
        return $this->ways->gettingUp($place, $this->own($place));
    }

    /**
     * @param  float  $wideM  as wide as the way is, where that is less than shoulders
     * @return array{string, float}|null the nearest way out for somebody, and metres; null where they sit among things
     */
    public function walk(Vec2 $place, float $wideM): ?array
    {
        try {
            $walk = $this->ways->walk($place, max(0.1, min(self::SHOULDERS_M, $wideM)));
        } catch (ImpossibleWay) {
            return null;
        }

        return $walk === null ? null : [$walk[0], $walk[1]];
    }

    /** @return list<array{string, string, Vec2}> what of the two that set a width can be moved: id, path, and the way off the other */
    public function apart(WayOut $way): array
    {
        $moves = [];
        foreach ($way->between as $i => $id) {
            $off = $way->ends[$i]->minus($way->ends[1 - $i]);
            // Two that touch: off the place where they do.
            $off = $off->length() > WayThrough::EVEN_M ? $off : $this->middle($id, $way->ends[$i])->minus($way->ends[$i]);
            if (isset($this->paths[$id]) && $off->length() > WayThrough::EVEN_M) {
                $moves[] = [$id, $this->paths[$id], $off->unit()];
            }
        }

        return $moves;
    }

    private function middle(string $id, Vec2 $near): Vec2
    {
        $mine = array_filter($this->bodies, static fn (FloorBody $b): bool => $b->id === $id);
        usort($mine, static fn (FloorBody $a, FloorBody $b): int => $a->distanceTo($near) <=> $b->distanceTo($near));

        return ($mine[0] ?? null)?->middle() ?? $near;
    }

    private static function stays(Footprint $print): bool
    {
        return $print->support instanceof Support
            && ! $print->support->kind->isCarried()
            && ($print->takesFloor() || $print->load->z < self::OVERHEAD_M);
    }

    /** @return list<string> */
    private function own(Vec2 $place): array
    {
        $near = array_filter($this->bodies, static fn (FloorBody $b): bool => $b->distanceTo($place) < self::OWN_M);

        return array_values(array_map(static fn (FloorBody $b): string => $b->id, $near));
    }
}
