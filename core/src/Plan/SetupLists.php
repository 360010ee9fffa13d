<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Camera\ShotSize;
use FineFrame\Document\Column;
use FineFrame\Measure\Unit;
use FineFrame\Scout\PlaceLists;
use FineFrame\Sound\BoomPlacement;
use FineFrame\Space\Curtain;

/** What a setup lists besides what stands on its floor, and the columns of each list. */
final class SetupLists
{
    public const USUAL_MOST = 100;

    /**
     * Rows of a list, where fewer are what a setup can be judged with; what so many links make of one another is gone through in a second.
     */
    public const MOST = ['links' => 64];

    /** @return array<string, array<string, Column>> */
    public static function all(): array
    {
        return [
            'sections' => [
                'name' => Column::text(80),
                'from_s' => Column::number(0, 36_000, Unit::Second),
                'to_s' => Column::number(0, 36_000, Unit::Second),
                'leads' => Column::text(60),
                'bar' => Column::number(1, 10_000),
                'bpm' => Column::number(10, 500),
                'metre' => Column::text(12),
                'plays' => Column::text(200),
            ],
            // What is played one after the other; the song map is that of the one that is filmed in sections.
            'songs' => [
                'name' => Column::text(80),
                'minutes' => Column::number(0.1, 600, default: 4.0),
                'gap_s' => Column::number(0, 3600, Unit::Second, 30.0),
            ],
            // Whom a camera is on in a section, where it is otherwise than its frame says.
            'rolls' => [
                'name' => Column::text(80),
                'camera' => Column::text(64),
                'on' => Column::text(200),
                'off' => Column::flag(),
            ],
            'cues' => [
                'name' => Column::text(80),
                'who' => Column::text(60),
                'section' => Column::text(80),
                'bar' => Column::number(1, 10_000),
                'beat' => Column::number(1, 64),
                'counts_in' => Column::number(0, 16, default: 1.0),
                'camera' => Column::text(64),
            ],
            'progress' => [
                'name' => Column::text(120),
                'minutes' => Column::number(0, 600, default: 5.0),
                'camera' => Column::text(64),
                'size' => Column::choice(...array_map(static fn (ShotSize $s): string => $s->value, ShotSize::cases())),
                'depth' => Column::number(1, 5, default: 2.0), 'break_before' => Column::flag(),
            ],
            'colours' => [
                'name' => Column::text(80),
                'on' => Column::text(64),
                'colour' => Column::colour(),
                'pattern_mm' => Column::number(0.1, 500, Unit::Millimetre),
            ],
            'probes' => [
                'name' => Column::text(60),
                'x_m' => Column::metres(-200, 200),
                'y_m' => Column::metres(-200, 200),
                'height_m' => Column::metres(0, 20, 1.2),
            ],
            'hazers' => [
                'name' => Column::text(80),
                'output_g_min' => Column::number(0.01, 1000),
                'air_changes_h' => Column::number(0, 60),
                'wall_keeps' => Column::number(0.05, 0.99, Unit::Share, 0.85),
                'from' => Column::clock(),
            ],
            // On the legs of what stands: by the thing that is on the stand.
            'ballast' => ['thing' => Column::text(64), 'kg' => Column::number(0, 500, Unit::Kilogram)],
            // What hangs on the mains besides lamps; and which breaker of the place each is on.
            'loads' => [
                'name' => Column::text(80),
                'watts' => Column::number(0, 20_000, Unit::Watt),
                'power_factor' => Column::number(0.1, 1, default: 0.9),
                'kind' => Column::choice('other', 'sound', 'dimmer', 'charger'),
            ],
            'extensions' => [
                'name' => Column::text(80),
                'length_m' => Column::metres(0.3, 300),
                'count' => Column::number(1, 100, default: 1.0),
                'mm2' => Column::number(0.5, 16, default: 1.5),
            ],
            'plugs' => ['thing' => Column::text(64), 'circuit' => Column::text(64)],
            'walks' => [
                'name' => Column::text(80),
                'person' => Column::text(64),
                'to_x_m' => Column::metres(-200, 200),
                'to_y_m' => Column::metres(-200, 200),
                'at_s' => Column::number(0, 36_000, Unit::Second),
            ],
            // How the place is in this setup, where it is otherwise than it was found.
            'curtains' => ['opening' => Column::text(64), 'curtain' => Column::cases(Curtain::class)],
            'house' => ['lamp' => Column::text(64), 'plan' => PlaceLists::lampPlan()],
            'treatments' => [
                'name' => Column::text(80),
                'material' => Column::text(64),
                'area_m2' => Column::number(0.1, 500, Unit::SquareMetre),
                'hung' => Column::choice('free', 'on a wall', 'on the floor'),
            ],
            'mics' => [
                'name' => Column::text(80),
                'model' => Column::text(64),
                'person' => Column::text(64),
                'worn' => Column::choice(
                    'on the collar',
                    'on the chest',
                    'in the hair',
                    'at the instrument',
                    'on a table',
                    'on the floor',
                    'on a stand',
                    'on a camera',
                ),
                'camera' => Column::text(64),
                'x_m' => Column::metres(-200, 200),
                'y_m' => Column::metres(-200, 200),
                'height_m' => Column::metres(0, 20),
                'cover' => Column::choice(...BoomPlacement::COVERS),
                'caution' => Column::choice('nothing', 'a chain or beads', 'a scarf or stiff cloth', 'long hair', 'hands that touch it'),
                'route' => Column::text(120),
                'spare' => Column::flag(),
            ],
            'recorders' => [
                'name' => Column::text(80),
                'x_m' => Column::metres(-200, 200),
                'y_m' => Column::metres(-200, 200),
                'inputs' => Column::number(1, 64, default: 2.0),
                'connector' => Column::text(40),
                'phantom' => Column::flag(true),
                'clips_dbu' => Column::number(-40, 30, Unit::Decibel, 4.0),
                'rate_khz' => Column::number(8, 384, default: 48.0),
                'float' => Column::flag(),
                'watched_by' => Column::text(60),
                'hours' => Column::number(0, 100),
            ],
            'leads' => [
                'name' => Column::text(80),
                'connector' => Column::text(40),
                'length_m' => Column::metres(0.1, 300),
                'count' => Column::number(1, 100, default: 1.0),
            ],
            'antennas' => [
                'name' => Column::text(80),
                'serves' => Column::choice('the links', 'the video sender'),
                'x_m' => Column::metres(-200, 200),
                'y_m' => Column::metres(-200, 200),
                'height_m' => Column::metres(0, 20, 2.0),
            ],
            'pairs' => [
                'name' => Column::text(80),
                'model' => Column::text(64),
                'spacing_m' => Column::metres(0, 5, 0.17),
                'angle_deg' => Column::number(0, 180, Unit::Degree, 110.0),
                'x_m' => Column::metres(-200, 200),
                'y_m' => Column::metres(-200, 200),
                'height_m' => Column::metres(0, 20, 2.0),
                'hung' => Column::choice('on a stand', 'from above'),
            ],
            'feeds' => [
                'name' => Column::text(80),
                'who' => Column::text(80),
                'connector' => Column::text(40),
                'level' => Column::choice('line', 'microphone', 'consumer'),
                'rate_khz' => Column::number(8, 384, default: 48.0),
                'recorder' => Column::text(80),
                'state' => Column::choice('open', 'asked', 'agreed'),
            ],
            'links' => [
                'name' => Column::text(80),
                'carries' => Column::choice('a voice', 'an ear', 'talkback', 'a picture', 'timecode'),
                'from_mhz' => Column::number(30, 7000),
                'to_mhz' => Column::number(30, 7000),
                'step_khz' => Column::number(1, 1000, default: 25.0),
                'set_mhz' => Column::number(30, 7000),
                'locked' => Column::flag(),
                'person' => Column::text(64),
                'power_mw' => Column::number(0.1, 5000, default: 30.0),
                'hours' => Column::number(0, 100),
                'sets' => Column::number(0, 20, default: 1.0),
            ],
            'tracks' => [
                'name' => Column::text(80),
                'voice' => Column::text(64),
                'source' => Column::text(80),
                'through' => Column::choice('a cable', 'a wireless link', 'the body itself'),
                'link' => Column::text(80),
                'recorder' => Column::text(80),
                'input' => Column::number(1, 64),
                'float' => Column::flag(),
                'watched_by' => Column::text(60),
            ],
            'views' => [
                'name' => Column::text(80),
                'camera' => Column::text(64),
                'by' => Column::choice('cable', 'wireless', 'the camera’s own screen', 'mirrored call'),
                'from_m' => Column::metres(0.1, 200),
                'screen_in' => Column::number(1, 100),
                'talks_back' => Column::flag(),
            ],
        ];
    }
}
