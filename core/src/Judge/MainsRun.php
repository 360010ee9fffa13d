<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Geometry\Segment;
use FineFrame\Geometry\Vec2;
use FineFrame\Light\LightPlacement;
use FineFrame\Power\Wire;
use FineFrame\Scene\Obstacle;
use FineFrame\Space\CableWay;
use FineFrame\Space\Gate;
use FineFrame\Space\ImpossibleWay;
use FineFrame\Space\Opening;
use FineFrame\Space\OpeningKind;
use FineFrame\Space\Outlet;

/** A mains cable from an outlet to a lamp, as it is laid: around what stands on the floor, over a door or across the way to it. */
final readonly class MainsRun
{
    /** What crossing the way to a door is worth in cable, metres: a way out, and any other. */
    private const CROSSING_M = [6.0, 2.0];

    /** Cable that is not pulled tight. */
    private const SLACK = 1.1;

    /** A piece that stands on the floor so low is in a cable’s way, metres. */
    private const LOW_M = 0.03;

    /** Usual flexible leads, and what a square millimetre of fine strands resists over a kilometre (IEC 60228, class 5, to 2 %). */
    public const MM2 = 1.5;

    private const OHM_PER_KM = 19.95;

    /**
     * @param  list<string>  $crossed  ids of doors whose way it crosses
     * @param  list<string>  $over  ids of doors that it goes over
     * @param  list<Vec2>  $points  its bends with both ends
     * @param  float  $dropV  volts lost on the way
     */
    private function __construct(
        public string $thing,
        public string $outlet,
        public float $lengthM,
        public array $crossed,
        public array $over,
        public array $points,
        public float $dropV,
        public float $dropShare,
    ) {
    }

    /** @return list<self> of each lamp that is plugged in, from the outlet of its circuit that needs least cable */
    public static function allOf(Situation $situation, PowerPlan $power): array
    {
        $lamps = array_filter(
            $situation->setup->setup->lights,
            static fn (LightPlacement $l): bool => isset($power->on[$l->id])
                && $situation->setup->room->first()->floor->contains($l->place),
        );
        $outlets = array_filter($situation->setup->room->outlets, static fn (Outlet $o): bool => $o->circuit !== null);
        if ($lamps === [] || $outlets === []) {
            return [];
        }
        try {
            $floor = self::floor($situation);
        } catch (ImpossibleWay) {
            return [];
        }
        $runs = array_map(static fn (LightPlacement $l): ?self => self::of($situation, $power, $floor, $l, array_values($outlets)), $lamps);

        return array_values(array_filter($runs));
    }

    private static function floor(Situation $situation): CableWay
    {
        $room = $situation->setup->room;
        $pieces = [];
        foreach ($situation->scene->obstacles() as $i => $thing) {
            if ($thing->baseM < self::LOW_M && self::isRound($thing)) {
                $pieces["$thing->id $i"] = $thing->footprint;
            }
        }
        $depth = $situation->limits->get('way_out_depth_m');
        $gates = array_map(static function (Opening $door) use ($room, $depth): Gate {
            $line = $room->lineOf($door);
            $middle = $line->at(0.5);

            return new Gate(
                $door->id,
                new Segment($middle, $middle->plus($room->wallOf($door)->inward()->times($depth))),
                self::CROSSING_M[$door->wayOut ? 0 : 1],
                $line,
                $door->headM,
            );
        }, array_filter($room->openings, static fn (Opening $o): bool => $o->kind === OpeningKind::Door));

        return new CableWay($room->first()->floor, $pieces, array_values($gates));
    }

    /** People step over a cable; furniture stands on none. */
    private static function isRound(Obstacle $thing): bool
    {
        return count($thing->footprint->corners) >= 3;
    }

    /** @param  list<Outlet>  $outlets */
    private static function of(Situation $situation, PowerPlan $power, CableWay $floor, LightPlacement $lamp, array $outlets): ?self
    {
        $best = null;
        $circuit = $power->on[$lamp->id];
        foreach ($outlets as $outlet) {
            $wall = $situation->setup->room->wall($outlet->wall);
            if ($outlet->circuit !== $circuit || $wall === null) {
                continue;
            }
            $at = $wall->along(min($outlet->offsetM, $wall->line->length()));
            $way = self::laid($floor, $at, $situation->scene->lamps[$lamp->id]->rear()->floor());
            if ($way === null || ($best !== null && $way['costM'] >= $best['costM'])) {
                continue;
            }
            $length = self::SLACK * ($way['lengthM'] + $outlet->heightM + $lamp->heightM);
            $breaker = $power->breakers[$circuit];
            $wire = new Wire(self::OHM_PER_KM / Extensions::thinnestMm2($situation));
            $drop = $wire->dropV($length, $power->loads[$lamp->id]->ampsAt($breaker->volts));
            $best = ['costM' => $way['costM'], 'run' => new self(
                $lamp->id, $outlet->id, $length, $way['crossed'], $way['over'], $way['points'], $drop, $drop / $breaker->volts,
            )];
        }

        return $best['run'] ?? null;
    }

    /** @return array{lengthM: float, costM: float, over: list<string>, crossed: list<string>, points: list<Vec2>}|null */
    private static function laid(CableWay $floor, Vec2 $from, Vec2 $to): ?array
    {
        try {
            return $floor->between($from, $to);
        } catch (ImpossibleWay) {
            return null;
        }
    }
}
