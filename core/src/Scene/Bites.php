<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Vec3;

/** What a clamp could bite: furniture, columns, beams, stands, the edge of a door or window, what hangs under a ceiling. */
final readonly class Bites
{
    /** A clamp with its ball head holds its load so far from what it bites, metres. */
    public const REACH_M = 0.35;

    /** Pipes and beams hang so far under a ceiling, metres. */
    private const UNDER_CEILING_M = 0.6;

    /** @var list<Obstacle> */
    private array $things;

    /** @var list<Footprint> stands, by whose they are */
    private array $stands;

    public function __construct(private Scene $scene)
    {
        $this->things = $scene->obstacles();
        $stands = array_filter(Footprint::allOf($scene), static fn (Footprint $f): bool => $f->support?->kind->stands() === true);
        $this->stands = array_values($stands);
    }

    /** @return array<string, float> how far each thing is that a jaw at a point could bite, by id, the nearest first */
    public function things(Vec3 $point): array
    {
        $within = [];
        foreach ($this->things as $thing) {
            $away = self::away($thing, $point);
            if ($away <= self::REACH_M) {
                $within[$thing->id] = min($away, $within[$thing->id] ?? INF);
            }
        }
        asort($within);

        return $within;
    }

    private static function away(Obstacle $thing, Vec3 $point): float
    {
        return hypot($thing->footprint->distanceTo($point->floor()), max(0.0, $thing->baseM - $point->z, $point->z - $thing->topM));
    }

    /**
     * @param  string  $but  whose own stand is not counted
     * @return array{float, string} how far the nearest is from a point, and what people call it; nothing named is the ceiling
     */
    public function nearest(Vec3 $point, string $but = ''): array
    {
        [$place, $z] = [$point->floor(), $point->z];
        $room = $this->scene->setup->room;
        $best = [max(0.0, $room->heightAt($place) - $z - self::UNDER_CEILING_M), ''];
        foreach ($this->things as $thing) {
            $away = self::away($thing, $point);
            $best = $away < $best[0] ? [$away, $thing->name] : $best;
        }
        foreach ($this->stands as $stand) {
            $away = hypot($stand->centre->distanceTo($place), max(0.0, $z - $stand->load->z));
            $best = $stand->owner !== $but && $away < $best[0] ? [$away, $this->scene->setup->name($stand->owner)] : $best;
        }
        foreach ($room->openings as $opening) {
            $line = $room->lineOf($opening);
            foreach ([$line->from, $line->to] as $edge) {
                $away = hypot($edge->distanceTo($place), max(0.0, $opening->sillM - $z, $z - $opening->headM));
                $best = $away < $best[0] ? [$away, $opening->name] : $best;
            }
        }

        return $best;
    }
}
