<?php

declare(strict_types=1);

namespace FineFrame\Scout;

use FineFrame\Document\Column;
use FineFrame\Measure\Unit;

/** What is written down about a place while scouting it: each list with its columns. Times are by the place's clock. */
final class PlaceLists
{
    /** What must be asked before gear and people come, in the order people forget it. */
    public const ASKINGS = [
        'owner’s leave', 'fixing things to the building', 'camera places', 'neighbours told', 'house technician',
        'insurance', 'haze and alarms', 'other',
    ];

    /** What one takes along to look at a place. */
    public const POUCH = [
        'gloves', 'tape measure and laser', 'light meter', 'colour meter', 'clamp meter', 'compass', 'pencil and paper',
        'phone, charged', 'colour palette of the piece',
    ];

    /** What is done about a lamp of the place. */
    public static function lampPlan(): Column
    {
        return Column::choice('undecided', 'switch off', 'gel', 'swap the globe', 'keep as it is');
    }

    /** @return array<string, array<string, Column>> */
    public static function all(): array
    {
        $taken = ['taken_on' => Column::date(), 'taken_at' => Column::clock(), 'by' => Column::text(60)];
        $spot = ['x_m' => Column::metres(-200, 200), 'y_m' => Column::metres(-200, 200)];

        return [
            'light' => [
                'name' => Column::text(),
                'under' => Column::choice('daylight', 'room lamps', 'both', 'our lamps'),
                'lux' => Column::number(0, 200_000, Unit::Lux),
                't_stop' => Column::number(0.5, 64, Unit::TStop),
                'iso' => Column::number(25, 409_600),
                'shutter_s' => Column::number(0.00001, 60, Unit::Second),
            ] + $spot + ['height_m' => Column::metres(0, 20)] + $taken,
            'colour' => [
                'name' => Column::text(),
                'kelvin' => Column::number(1000, 25_000, Unit::Kelvin),
                'duv' => Column::number(-0.05, 0.05, Unit::Duv),
                'plan' => self::lampPlan(),
                'who' => Column::text(80),
            ] + $spot + $taken,
            'noise' => [
                'name' => Column::text(),
                'level_dba' => Column::number(0, 140, Unit::LevelA),
                'runs_from' => Column::clock(),
                'runs_to' => Column::clock(),
                'can_stop' => Column::choice('unknown', 'yes', 'no'),
                'who' => Column::text(80),
                'settled' => Column::flag(),
            ] + $spot + $taken,
            'circuits' => [
                'name' => Column::text(),
                'breaker_a' => Column::number(1, 400, Unit::Ampere),
                'volts' => Column::number(90, 480, Unit::Volt),
                'already_a' => Column::number(0, 400, Unit::Ampere),
                'ours' => Column::choice('unknown', 'yes', 'no'),
            ] + $taken,
            'ways' => [
                'name' => Column::text(),
                'kind' => Column::choice('door', 'corridor', 'stairs', 'lift', 'turn', 'gate'),
                'width_m' => Column::metres(0.2, 20),
                'height_m' => Column::metres(0.5, 20),
                'depth_m' => Column::metres(0.3, 20),
                'steps' => Column::number(0, 500),
            ],
            'askings' => [
                'name' => Column::text(),
                'about' => Column::choice(...self::ASKINGS),
                'who' => Column::text(120),
                'state' => Column::choice('open', 'asked', 'agreed', 'refused'),
                'due' => Column::date(),
            ],
            'hazards' => ['name' => Column::text(), 'done_about' => Column::text(), 'settled' => Column::flag()],
            'photos' => [
                'caption' => Column::text(),
                'file' => Column::text(80),
                'width_px' => Column::number(1, 40_000),
                'height_px' => Column::number(1, 40_000),
                'bearing_deg' => Column::degrees(),
                'focal_mm' => Column::number(1, 2000, Unit::Millimetre),
                'sensor_mm' => Column::number(1, 100, Unit::Millimetre),
            ] + $spot + $taken,
            // Where points of the plan are seen on a photo.
            'sightings' => [
                'name' => Column::text(80),
                'photo' => Column::text(64),
                'point' => Column::text(160),
                'u_px' => Column::number(-40_000, 80_000),
                'v_px' => Column::number(-40_000, 80_000),
            ],
            'occupied' => [
                'name' => Column::text(80),
                'from_mhz' => Column::number(30, 7000),
                'to_mhz' => Column::number(30, 7000),
                'level_dbm' => Column::number(-130, 30),
                'taken_on' => Column::date(),
                'taken_at' => Column::clock(),
            ],
            'claps' => ['name' => Column::text(80)] + array_map(
                static fn (): Column => Column::number(0.02, 30, Unit::Second),
                array_flip(['t_125', 't_250', 't_500', 't_1000', 't_2000', 't_4000']),
            ) + ['range_db' => Column::number(0, 140, Unit::Decibel), 'decay' => Column::text(1000)] + $taken,
            'pouch' => ['name' => Column::text(), 'packed' => Column::flag()],
            'gifts' => [
                'name' => Column::text(),
                'kind' => Column::choice(
                    'leading line',
                    'symmetry',
                    'window',
                    'lamp',
                    'machine',
                    'foreground',
                    'eyesore',
                    'coloured bounce',
                ),
            ],
        ];
    }

    /** @return array<string, Column> what is known of the place as a whole */
    public static function facts(): array
    {
        return [
            'seen' => Column::choice('not yet', 'by pictures', 'visited'),
            'address' => Column::text(),
            'contact' => Column::text(),
            'in_from' => Column::clock(),
            'out_by' => Column::clock(),
            'parking' => Column::text(),
            'carry_m' => Column::metres(0, 5000),
            'lift' => Column::choice('unknown', 'yes', 'no'),
            'signal' => Column::choice('unknown', 'none', 'weak', 'good'),
            'detectors' => Column::choice('unknown', 'none', 'heat only', 'smoke'),
            'mains' => Column::choice('unknown', '50 Hz', '60 Hz'),
            'cost' => Column::number(0, 10_000_000),
            'distance_km' => Column::number(0, 20_000),
            'mood' => Column::number(1, 5),
            'look' => Column::number(1, 5),
            'notes' => Column::text(2000),
            'spot_x_m' => Column::metres(-200, 200), 'spot_y_m' => Column::metres(-200, 200), 'spot_z_m' => Column::metres(0, 20, 1.2),
        ];
    }
}
