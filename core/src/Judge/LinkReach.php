<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Document\Record;
use FineFrame\Geometry\Segment;
use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;
use FineFrame\Plan\Leg;
use FineFrame\Sound\Material;
use FineFrame\Sound\RadioPath;
use FineFrame\Staging\Body;

/** A wireless link from its pack to its antenna: how far, through which walls and past whom, and what is left. */
final readonly class LinkReach
{
    /** A body within this of the line is in its way, metres. */
    private const BODY_M = 0.3;

    /** A pack sits at the belt. */
    private const PACK_M = 0.95;

    /** @param  list<string>  $walls  crossed, by name */
    private function __construct(
        public Record $link,
        public Vec3 $pack,
        public Vec3 $antenna,
        public string $antennaName,
        public array $walls,
        public int $bodies,
        public RadioPath $path,
    ) {
    }

    /** @return list<self> of links whose wearer and antenna are placed */
    public static function allOf(Situation $situation): array
    {
        $antennas = array_values(
            array_filter(
                $situation->setup->setup->list('antennas'),
                static fn (Record $a): bool => $a->number('x_m') !== null && $a->number('y_m') !== null,
            ),
        );
        $reaches = [];
        foreach ($situation->setup->setup->list('links') as $link) {
            $body = $situation->setup->bodies[$link->text('person')] ?? null;
            $antenna = array_values(
                array_filter(
                    $antennas,
                    static fn (Record $a): bool => ($a->text('serves') === 'the video sender') === ($link->text('carries') === 'a picture'),
                ),
            )[0] ?? null;
            if ($body === null || $antenna === null) {
                continue;
            }
            $at = (new Vec2($antenna->number('x_m') ?? 0.0, $antenna->number('y_m') ?? 0.0))->at($antenna->number('height_m') ?? 2.0);
            $along = array_map(
                static fn (Vec2 $place): self => self::from($situation, $link, $body, $place, $at, $antenna->text('name')),
                self::places($situation, $body),
            );
            // Of a walk the worst place counts.
            usort($along, static fn (self $a, self $b): int => $a->path->marginDb() <=> $b->path->marginDb());
            $reaches[] = $along[0];
        }

        return $reaches;
    }

    /** @return non-empty-list<Vec2> where they are to begin with, and along their walks */
    private static function places(Situation $situation, Body $body): array
    {
        $places = [$body->person->place];
        foreach (Leg::allOf($situation->setup) as $leg) {
            if ($leg->body === $body) {
                array_push($places, $leg->at(0.5), $leg->to);
            }
        }

        return $places;
    }

    private static function from(Situation $situation, Record $link, Body $body, Vec2 $place, Vec3 $antenna, string $name): self
    {
        $pack = $place->minus($body->face()->times(0.15))->at(min(self::PACK_M, $body->hipM() + 0.1));
        $walls = self::walls($situation, $pack->floor(), $antenna->floor());
        $bodies = self::bodies($situation, $body->person->id, $pack, $antenna);

        return new self(
            $link,
            $pack,
            $antenna,
            $name,
            array_keys($walls),
            $bodies,
            RadioPath::of(
                $link->number('power_mw') ?? 30.0,
                $pack->distanceTo($antenna),
                $link->number('set_mhz') ?? $link->number('from_mhz') ?? 600.0,
                array_values($walls),
                $bodies,
            ),
        );
    }

    /** @return array<string, float> dB by wall that is crossed */
    private static function walls(Situation $situation, Vec2 $from, Vec2 $to): array
    {
        $materials = $situation->setup->plan->kit->materials + Material::shipped();
        $surfaces = $situation->setup->location->space->surfaces;
        $line = new Segment($from, $to);
        $walls = [];
        foreach ($situation->setup->room->faces as $wall) {
            $id = $surfaces->of($wall->id);
            if ($wall->line->crosses($line)) {
                $walls[$wall->name ?: $wall->id] = RadioPath::wallDb(isset($materials[$id]) ? $materials[$id]->name : $id);
            }
        }

        return $walls;
    }

    /** The wearer, where they stand between pack and antenna, and everyone else in the line. */
    private static function bodies(Situation $situation, string $wearer, Vec3 $pack, Vec3 $antenna): int
    {
        $line = new Segment($pack->floor(), $antenna->floor());
        $count = 0;
        foreach ($situation->setup->bodies as $id => $body) {
            $near = $line->distanceTo($body->person->place) < self::BODY_M;
            $ahead = $body->face()->dot($antenna->floor()->minus($pack->floor())) > 0;
            $count += ($id === $wearer ? $ahead : $near) ? 1 : 0;
        }

        return $count;
    }
}
