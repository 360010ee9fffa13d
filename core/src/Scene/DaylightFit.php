<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Document\Record;
use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;
use FineFrame\Light\Exposure;
use FineFrame\Light\Weather;

/**
 * The daylight model held against readings taken on site: one factor for the sky, one for what the room gives back. Which way
 * a meter was turned is not on record: its dome is taken as the mean of eight ways around.
 */
final readonly class DaylightFit
{
    /** What the room's factor is tried at; with one reading there is nothing to find it by. */
    private const ROOM = [0.33, 0.4, 0.5, 0.63, 0.8, 1.0, 1.25, 1.6, 2.0, 2.5, 3.0];

    /**
     * @param  list<array{name: string, read: float, before: float, after: float}>  $readings  lux, by the bare model, and once it is scaled
     */
    private function __construct(public float $sky, public float $room, public array $readings)
    {
    }

    /** @return self|null null without a reading of daylight that has a place and a time */
    public static function of(Scene $scene, Weather $weather): ?self
    {
        $terms = array_values(
            array_filter(
                array_map(static fn (Record $r): ?array => self::term($scene, $weather, $r), $scene->setup->location->list('light')),
            ),
        );
        if ($terms === []) {
            return null;
        }
        [$best, $sky, $room] = [INF, 1.0, 1.0];
        foreach (count($terms) < 2 ? [1.0] : self::ROOM as $tried) {
            $off = array_map(static fn (array $t): float => log(max(1e-6, $t['direct'] + $tried * $t['room']) / $t['read'], 2), $terms);
            $mean = array_sum($off) / count($off);
            // Near the best, the room's own factor is left as it is.
            $miss = sqrt(
                array_sum(array_map(static fn (float $o): float => ($o - $mean) ** 2, $off)) / count($off),
            ) + 0.02 * abs(log($tried, 2));
            if ($miss < $best) {
                [$best, $sky, $room] = [$miss, 2 ** -$mean, $tried];
            }
        }

        return new self(max(0.02, min(20.0, $sky)), $room, array_map(static fn (array $t): array => [
            'name' => $t['name'],
            'read' => $t['read'],
            'before' => $t['direct'] + $t['room'],
            'after' => $sky * ($t['direct'] + $room * $t['room']),
        ], $terms));
    }

    /** How far the model had to be bent: factors and what is left, in stops. */
    public function strain(): float
    {
        return abs(log($this->sky, 2)) + abs(log($this->room, 2)) + 2 * $this->off();
    }

    /** Stops that the scaled model is off, at worst. */
    public function off(): float
    {
        return max(array_map(static fn (array $r): float => abs(log($r['after'] / $r['read'], 2)), $this->readings) ?: [0.0]);
    }

    /** @return array{name: string, read: float, direct: float, room: float}|null */
    private static function term(Scene $scene, Weather $weather, Record $reading): ?array
    {
        [$x, $y] = [$reading->number('x_m'), $reading->number('y_m')];
        $site = $scene->setup->location->site;
        $lux = self::lux($reading);
        if (
            $site === null
            || $x === null
            || $y === null
            || $lux === null
            || $lux <= 0.0
            || $reading->text('under') !== 'daylight'
            || $reading->text('taken_on') === ''
            || $reading->text('taken_at') === ''
        ) {
            return null;
        }
        $windows = $scene->windowsAt(
            $weather,
            (float) (new \DateTimeImmutable($reading->text('taken_on').' '.$reading->text('taken_at'), $site->zone))->getTimestamp(),
            1.0,
        );
        if ($windows === null) {
            return null;
        }
        $at = new Vec3($x, $y, $reading->number('height_m') ?? 1.2);
        $room = new RoomLight($scene, $windows);
        [$direct, $back] = [0.0, 0.0];
        for ($i = 0; $i < 8; $i++) {
            $axis = Vec2::towards($i * M_PI / 4)->at(0.0);
            $back += $room->dome($at, $axis)[1] / 8;
            foreach ($windows->outlines() as $id => $corners) {
                $towards = Vec3::between($corners[0], $corners[2], 0.5)->minus($at)->unit();
                $direct += ($windows->diffuse($at, $towards)[$id] ?? 0.0) * (1 + $towards->dot($axis)) / 16;
            }
            $direct += $windows->sunAt($at) * (1 + $windows->towardsSun()->dot($axis)) / 16;
        }

        return ['name' => $reading->text('name'), 'read' => $lux, 'direct' => $direct, 'room' => $back];
    }

    /** As read, or by the incident meter's exposure (ISO 2720, dome). */
    public static function lux(Record $reading): ?float
    {
        [$lux, $stop, $iso, $shutter] = array_map($reading->number(...), ['lux', 't_stop', 'iso', 'shutter_s']);

        return $lux ?? ($stop !== null && $iso !== null && $shutter !== null ? Exposure::lux($stop, $shutter, $iso) : null);
    }
}
