<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Camera\ShotSize;
use FineFrame\Document\Column;
use FineFrame\Measure\Unit;

/** What a setup lists besides what stands on its floor, and the columns of each list. */
final class SetupLists
{
    /** @return array<string, array<string, Column>> */
    public static function all(): array
    {
        return [
            'sections' => ['name' => Column::text(80), 'from_s' => Column::number(0, 36_000, Unit::Second), 'to_s' => Column::number(0, 36_000, Unit::Second), 'leads' => Column::text(60)],
            'progress' => [
                'name' => Column::text(120), 'minutes' => Column::number(0, 600, default: 5.0), 'camera' => Column::text(64), 'size' => Column::choice(...array_map(static fn (ShotSize $s): string => $s->value, ShotSize::cases())),
                'depth' => Column::number(1, 5, default: 2.0), 'break_before' => Column::flag(),
            ],
            'colours' => ['name' => Column::text(80), 'on' => Column::text(64), 'colour' => Column::colour(), 'pattern_mm' => Column::number(0.1, 500, Unit::Millimetre)],
            'probes' => ['name' => Column::text(60), 'x_m' => Column::metres(-200, 200), 'y_m' => Column::metres(-200, 200), 'height_m' => Column::metres(0, 20, 1.2)],
            'walks' => ['name' => Column::text(80), 'person' => Column::text(64), 'to_x_m' => Column::metres(-200, 200), 'to_y_m' => Column::metres(-200, 200)],
            'treatments' => ['name' => Column::text(80), 'material' => Column::text(64), 'area_m2' => Column::number(0.1, 500, Unit::SquareMetre), 'hung' => Column::choice('free', 'on a wall', 'on the floor')],
            'links' => [
                'name' => Column::text(80), 'carries' => Column::choice('a voice', 'an ear', 'talkback', 'a picture', 'timecode'), 'from_mhz' => Column::number(30, 7000), 'to_mhz' => Column::number(30, 7000), 'step_khz' => Column::number(1, 1000, default: 25.0), 'set_mhz' => Column::number(30, 7000), 'locked' => Column::flag(),
            ],
            'tracks' => ['name' => Column::text(80), 'voice' => Column::text(64), 'source' => Column::text(80), 'through' => Column::choice('a cable', 'a wireless link', 'the body itself'), 'link' => Column::text(80), 'recorder' => Column::text(80), 'float' => Column::flag(), 'watched_by' => Column::text(60)],
            'views' => ['name' => Column::text(80), 'camera' => Column::text(64), 'by' => Column::choice('cable', 'wireless', 'the camera’s own screen', 'mirrored call'), 'from_m' => Column::metres(0.1, 200), 'screen_in' => Column::number(1, 100), 'talks_back' => Column::flag()],
        ];
    }
}
