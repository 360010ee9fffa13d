<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Document\Record;
use FineFrame\Geometry\Vec2;
use FineFrame\Sound\Ear;
use FineFrame\Space\OpeningKind;
use FineFrame\Space\Rooms;
use FineFrame\Space\Wall;

/**
 * A cable from a microphone to its recorder as it is laid: down to the floor, to the wall, along it, and to the recorder; or
 * straight over the floor where that is under three metres. A twentieth more, and half a metre to plug in at each end.
 */
final readonly class CableRun
{
    private const SHORT_M = 3.0;

    private const SPARE_SHARE = 1.05;

    private const ENDS_M = 1.0;

    /**
     * @param  float  $needM  as laid
     * @param  list<string>  $doors  that it crosses: to be taped or covered
     * @param  list<Record>  $leads  of the stock that make it up, one after the other; empty where none do
     * @param  string  $adapter  between unlike connectors; empty where none is needed
     */
    private function __construct(
        public Record $track,
        public string $from,
        public string $to,
        public float $needM,
        public array $doors,
        public array $leads,
        public string $adapter,
        private string $connector,
    ) {
    }

    /** A jack of two poles carries no opposite to cancel what it picks up. */
    public function isUnbalanced(): bool
    {
        return str_contains(mb_strtolower($this->connector), 'jack') || str_contains(mb_strtolower($this->connector), 'phono');
    }

    /** @return list<self> one for each track by cable whose ends are placed */
    public static function allOf(Situation $situation): array
    {
        $recorders = LevelPlan::byName($situation->setup->setup->list('recorders'));
        $stock = $situation->setup->setup->list('leads');
        $runs = [];
        foreach ($situation->setup->setup->list('tracks') as $track) {
            $ear = $situation->ear($track->text('source'));
            $recorder = $recorders[mb_strtolower(trim($track->text('recorder')))] ?? null;
            [$x, $y] = [$recorder?->number('x_m'), $recorder?->number('y_m')];
            // One microphone to two recorders is one run to the first and a short one on.
            if ($track->text('through') !== 'a cable' || $ear === null || $recorder === null || $x === null || $y === null) {
                continue;
            }
            $foot = self::foot($situation, $ear);
            [$along, $doors] = self::laid($situation->setup->room, $foot[0], new Vec2($x, $y));
            $need = self::SPARE_SHARE * ($foot[1] + $along) + self::ENDS_M;
            $wants = $recorder->text('connector') ?: 'XLR';
            $runs[] = new self(
                $track,
                $ear->name,
                $recorder->text('name'),
                $need,
                $doors,
                self::made($stock, $need, $ear->model->connector),
                mb_strtolower($wants) === mb_strtolower($ear->model->connector) ? '' : "{$ear->model->connector} to $wants",
                $ear->model->connector,
            );
        }

        return $runs;
    }

    /** @return array{Vec2, float} where it meets the floor, and how much of it hangs down to there */
    private static function foot(Situation $situation, Ear $ear): array
    {
        $boom = $situation->scene->booms[$ear->id] ?? null;

        return $boom === null
            ? [$ear->at->floor(), $ear->at->z]
            : [$boom->placement->standPlace, $boom->rear()->distanceTo($boom->placement->standTop()) + $boom->placement->standHeightM];
    }

    /**
     * @return array{float, list<string>} metres over floor and along walls, and the doors crossed; the way without doors before a shorter
     *     one
     */
    private static function laid(Rooms $room, Vec2 $from, Vec2 $to): array
    {
        if ($from->distanceTo($to) < self::SHORT_M) {
            return [$from->distanceTo($to), []];
        }
        $walls = $room->first()->walls;
        $round = array_sum(array_map(static fn (Wall $w): float => $w->line->length(), $walls));
        $ways = [];
        foreach (self::onWalls($walls, $from) as [$a, $aside]) {
            foreach (self::onWalls($walls, $to) as [$b, $bside]) {
                foreach ([[$a, $b], [$b, $a]] as [$begin, $end]) {
                    $length = fmod($end - $begin + $round, $round);
                    $ways[] = [self::cornered($aside, $bside, $length), self::doors($room, $begin, $length, $round)];
                }
            }
        }
        usort($ways, static fn (array $one, array $two): int => [count($one[1]), $one[0]] <=> [count($two[1]), $two[0]]);

        return $ways[0];
    }

    /** Along the wall, leaving it slantwise at both ends: no farther along than it has to go aside, so that it crosses little floor. */
    private static function cornered(float $aside, float $bside, float $along): float
    {
        $one = min($aside, $along * $aside / max(1e-6, $aside + $bside));
        $other = min($bside, $along - $one);

        return hypot($aside, $one) + hypot($bside, $other) + $along - $one - $other;
    }

    /**
     * @param  list<Wall>  $walls
     * @return list<array{float, float}> by wall: how far around the room its nearest place is, and how far from there
     */
    private static function onWalls(array $walls, Vec2 $place): array
    {
        [$gone, $all] = [0.0, []];
        foreach ($walls as $wall) {
            $at = $wall->line->nearestTo($place);
            $all[] = [$gone + $wall->line->from->distanceTo($at), $at->distanceTo($place)];
            $gone += $wall->line->length();
        }

        return $all;
    }

    /** @return list<string> doors on a stretch around the room */
    private static function doors(Rooms $room, float $begin, float $length, float $round): array
    {
        [$gone, $crossed] = [0.0, []];
        foreach ($room->first()->walls as $wall) {
            foreach ($room->first()->openings as $opening) {
                $from = fmod($gone + $opening->offsetM - $begin + 2 * $round, $round);
                if (
                    $opening->wall === $wall->id
                    && $opening->kind === OpeningKind::Door
                    && ($from < $length || $from + $opening->widthM > $round)
                ) {
                    $crossed[] = $opening->name;
                }
            }
            $gone += $wall->line->length();
        }

        return $crossed;
    }

    /**
     * @param  list<Record>  $stock
     * @return list<Record> the shortest lead that reaches, else the fewest that do together
     */
    private static function made(array $stock, float $needM, string $connector): array
    {
        $fits = array_values(
            array_filter(
                $stock,
                static fn (Record $l): bool => $l->number('length_m') !== null && (
                    $l->text('connector') === ''
                    || mb_strtolower($l->text('connector')) === mb_strtolower($connector)
                ),
            ),
        );
        usort($fits, static fn (Record $a, Record $b): int => $a->number('length_m') <=> $b->number('length_m'));
        foreach ($fits as $lead) {
            if (($lead->number('length_m') ?? 0.0) >= $needM) {
                return [$lead];
            }
        }
        [$made, $long] = [[], 0.0];
        foreach (array_reverse($fits) as $lead) {
            for ($n = (int) ($lead->number('count') ?? 1.0); $n > 0 && $long < $needM; $n--) {
                $made[] = $lead;
                $long += $lead->number('length_m') ?? 0.0;
            }
        }

        if ($long < $needM) {
            return [];
        }
        // The last of them may be shorter, where that is enough.
        $last = array_pop($made);
        $rest = $needM - $long + ($last?->number('length_m') ?? 0.0);

        return [
            ...$made,
            ...array_slice(
                array_values(array_filter($fits, static fn (Record $l): bool => ($l->number('length_m') ?? 0.0) >= $rest)),
                0,
                1,
            ),
        ];
    }
}
