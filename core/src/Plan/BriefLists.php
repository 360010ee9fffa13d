<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Document\Column;
use FineFrame\Measure\Unit;
use FineFrame\Sound\Bands;

/** What a brief lists, and the columns of each list. */
final class BriefLists
{
    /** @return array<string, array<string, Column>> */
    public static function all(): array
    {
        return [
            'cast' => [
                'name' => Column::text(),
                'stature_m' => Column::metres(0.8, 2.4),
                'plays' => Column::text(80),
                'notes' => Column::text(),
                'used_to_cameras' => Column::flag(),
            ],
            'deliverables' => [
                'name' => Column::text(),
                'aspect_width' => Column::number(1, 10_000),
                'aspect_height' => Column::number(1, 10_000),
                'width_px' => Column::number(100, 20_000),
                'height_px' => Column::number(100, 20_000),
                'fps' => Column::number(1, 1000),
                'minutes' => Column::number(0, 10_000),
                'captions' => Column::choice('none', 'burnt in', 'as a file'),
            ],
            'days' => [
                'name' => Column::text(),
                'date' => Column::date(),
                'from' => Column::clock(),
                'to' => Column::clock(),
                'minutes' => Column::number(0, 1440),
                'then' => Column::text(),
            ],
            // Lengths of the day’s tasks as somebody knows them, tasks of their own, and what is left out.
            'tasks' => [
                'name' => Column::text(80),
                'task' => Column::text(140),
                'minutes' => Column::number(0, 1440),
                'hands' => Column::number(0, 40),
                'from' => Column::clock(),
                'to' => Column::clock(),
                'after' => Column::text(140),
                'off' => Column::flag(),
            ],
            'crew' => [
                'name' => Column::text(60),
                'does' => Column::text(120),
                'from' => Column::clock(),
                'to' => Column::clock(),
                'contact' => Column::text(120),
            ],
            'cards' => [
                'name' => Column::text(80),
                'gb' => Column::number(1, 100_000, default: 128.0),
                'count' => Column::number(0, 100, default: 1.0),
                'holds' => Column::choice('pictures', 'sound'),
            ],
            'drives' => [
                'name' => Column::text(80),
                'gb' => Column::number(1, 1_000_000, default: 1000.0),
                'mb_s' => Column::number(1, 20_000, default: 200.0),
            ],
            'cases' => [
                'name' => Column::text(80),
                'length_m' => Column::metres(0.1, 3, 0.5),
                'width_m' => Column::metres(0.1, 2, 0.35),
                'height_m' => Column::metres(0.05, 2, 0.2),
                'max_kg' => Column::number(1, 200, Unit::Kilogram, 20.0),
                'for' => Column::choice('anything', 'cameras', 'lamps', 'stands', 'sound', 'cables'),
                'own_kg' => Column::number(0, 100, Unit::Kilogram, 4.0),
                'count' => Column::number(1, 20, default: 1.0),
            ],
            // What is packed otherwise than worked out: spares, sizes, what stays, and things that no model covers.
            'packing' => [
                'name' => Column::text(80),
                'item' => Column::text(160),
                'count' => Column::number(0, 200),
                'spares' => Column::number(0, 100),
                'length_m' => Column::metres(0.01, 3),
                'width_m' => Column::metres(0.01, 3),
                'height_m' => Column::metres(0.01, 3),
                'kg' => Column::number(0, 200, Unit::Kilogram),
                'fragile' => Column::flag(),
                'upright' => Column::flag(),
                'faulty' => Column::flag(),
                'due' => Column::date(),
                'off' => Column::flag(),
            ],
            'swatches' => ['name' => Column::text(80), 'colour' => Column::colour()],
            'references' => ['name' => Column::text(), 'file' => Column::text(80), 'agreed_by' => Column::text()],
            'topics' => ['name' => Column::text(), 'picture' => Column::text(), 'place' => Column::text(80)],
        ];
    }

    /** @return array<string, Column> */
    public static function facts(): array
    {
        return [
            'mood' => Column::cases(Mood::class),
            'feeling' => Column::text(300),
            'look' => Column::text(600),
            'hands' => Column::number(1, 40, default: 1.0),
            'lamp_minutes' => Column::number(0.5, 240),
            'boom_hand' => Column::flag(),
            'record_width_px' => Column::number(100, 20_000),
            'white_balance_k' => Column::number(1800, 15_000, Unit::Kelvin, 5600.0),
            'room_tone' => Column::flag(),
            'sync' => Column::choice('nobody has said', 'a clap', 'timecode', 'by its sound alone'),
            'rate_khz' => Column::number(8, 384, default: 48.0),
            'region' => Column::choice('nobody has said', ...Bands::regions()),
            'wind_mps' => Column::number(0, 60, Unit::MetreASecond),
            'budget' => Column::number(0, 100_000_000),
            'palette' => Column::text(300),
            'travel' => Column::choice('by car', 'by train', 'by air'),
            'load_l' => Column::number(1, 50_000),
            'cart_width_m' => Column::metres(0.2, 3, 0.65),
            'cart_length_m' => Column::metres(0.2, 4, 1.1),
            'case_width_m' => Column::metres(0.1, 2, 0.45),
            'case_length_m' => Column::metres(0.1, 4, 1.25),
        ];
    }
}
