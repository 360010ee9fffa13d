<?php

declare(strict_types=1);

use FineFrame\Tests\Plans;

// Ann looks at Bo, to the right of A; her key is beyond him, so that the shadow falls toward the lens. ISO 800, T2.8 at 1/50 s want 161.7
// lux.
$bare = Plans::room(8, 7)->sitter('ann', 4, 4.4)->interviewer('bo', 4.5, 1.2)->with(['subjects/ann/looks_at' => 'bo'])->camera('a', 4, 1.6);
$lit = $bare->lamp('key', 6, 2.6, null, ['dimmer' => 0.3, 'height_m' => 2.0]);
$dimmed = static fn (float $dimmer): Plans => $lit->with(['lights/key/dimmer' => $dimmer]);
$school = static fn (string $question, string $answer): array => ["/brief/schools/$question" => $answer];
$key = static fn (array $lamp): Plans => $lit->with(
    array_combine(array_map(static fn (string $k): string => "lights/key/$k", array_keys($lamp)), $lamp),
);
$aimed = static fn (float $x, float $y, float $z): array => ['aim_x_m' => $x, 'aim_y_m' => $y, 'aim_height_m' => $z];
$site = ['/locations/room/site' => ['latitude_deg' => 59.5, 'longitude_deg' => 10.5, 'time_zone' => 'Europe/Oslo']];
$day = static fn (string $sky, string $date = '2026-06-21', string $from = '11:00', string $to = '13:00'): array => [
    'metering/weather' => $sky, '/shoot/date' => $date,
    '/brief/days' => [['id' => 'd', 'name' => 'd', 'date' => $date, 'from' => $from, 'to' => $to]],
];
$windowed = $lit->window('w', 'left', 3, 1.6)->with($site);
$two = static fn (float $x): Plans => $lit->sitter('cy', $x, 4.4);
$edge = static fn (float $dimmer): Plans => $lit->lamp(
    'back', 3.7, 5.6, null, ['fixture' => 'open-200', 'dimmer' => $dimmer, 'height_m' => 2.2],
);
$windowBehind = static fn (float $y): Plans => $lit->window('w', 'far', 3.2, 1.6)
    ->with($site + $day('overcast') + ['subjects/ann/y_m' => $y]);
$read = static fn (array $around): Plans => $bare->with(['metering/ambient_lux' => 100] + array_combine(
    array_map(static fn (string $side): string => "metering/ambient_{$side}_lux", array_keys($around)),
    $around,
));
$wide = $lit->with(['cameras/a/focal_mm' => 24]);
$spot = static fn (float $dimmer): Plans => $wide->lamp(
    'spot', 2, 5, null, $aimed(3.4, 7, 1.3) + ['fixture' => 'open-200', 'dimmer' => $dimmer, 'height_m' => 2],
);
$far = ['lights/spot/fixture' => 'soft-120', 'lights/spot/y_m' => 1.2, 'lights/spot/x_m' => 7];
$beam = static fn (float $dimmer, float $there): Plans => $wide->lamp(
    'beam', 4, 3, null, $aimed(2.6, 7, 1.5) + ['fixture' => 'projector', 'dimmer' => $dimmer, 'height_m' => 1.8],
)->with(['metering/ambient_lux' => $there]);
$haze = static fn (string $from, array $more = []): Plans => $lit->row(
    'hazers',
    array_filter($more + ['id' => 'hazer', 'name' => 'hazer', 'output_g_min' => 0.2, 'air_changes_h' => 2, 'wall_keeps' => 0.85, 'from' => $from]),
)->with(['/brief/days' => [['id' => 'd', 'name' => 'd', 'date' => '2026-06-21', 'from' => '10:00', 'to' => '12:00']]]);
$table = $wide->thing('table', 4.2, 3.6, 0.9, 0.6, 0.72);
$laid = $table->row('colours', ['id' => 'cloth', 'name' => 'cloth', 'on' => 'table', 'colour' => '#b4b4b4']);
$lamp = static fn (float $dimmer): array => ['fixture' => 'open-200', 'dimmer' => $dimmer, 'height_m' => 2.4];
$onTable = static fn (float $dimmer): array => $aimed(4.2, 3.6, 0.7) + $lamp($dimmer);
$onWall = static fn (float $dimmer): array => $aimed(4.2, 7, 1.4) + $lamp($dimmer);
$globe = static fn (array $more = []): Plans => $bare
    ->lamp(
        'globe', 3.6, 6, 'ann',
        $more + ['fixture' => 'lantern-60', 'practical' => true, 'kelvin' => 5600, 'dimmer' => 0.05, 'height_m' => 1.4],
    );
$walks = static fn (Plans $plan, float $x, float $y): Plans => $plan->row(
    'walks',
    ['id' => 'walk', 'name' => 'walk', 'person' => 'ann', 'to_x_m' => $x, 'to_y_m' => $y],
);
$outside = static fn (float $x, float $y, float $z, array $more = []): Plans => $bare->window('w', 'left', 3, 1.6)->lamp(
    'sun',
    $x,
    $y,
    'ann',
    $more + ['fixture' => 'open-200', 'height_m' => $z, 'dimmer' => 1],
);
$black = ['/locations/room/space/surfaces' => ['walls' => 'black-cloth', 'floor' => 'black-cloth', 'ceiling' => 'black-cloth']];
$pale = ['/locations/room/space/surfaces' => ['walls' => 'stone', 'floor' => 'stone', 'ceiling' => 'stone']];
$hot = static fn (array $more): Plans => $bare->lamp(
    'hot',
    6,
    2.6,
    null,
    $more + ['fixture' => 'open-650', 'dimmer' => 0.2, 'height_m' => 2.0],
);
// A small hard lamp from the side, and Ann so far from the near wall.
$hard = static fn (float $y): Plans => $bare
    ->lamp('hard', 2.6, 2.0, null, ['fixture' => 'open-200', 'dimmer' => 0.4, 'height_m' => 1.5])
    ->with(['subjects/ann/y_m' => $y]);

// A window behind Ann, to her left, that A’s wide frame shows; the key from so far along the near wall.
$shows = static fn (float $x): Plans => $lit->window('w', 'right', 4.2, 2)
    ->with(['cameras/a/focal_mm' => 24, 'lights/key/x_m' => $x, 'cameras/a/x_m' => 2, 'cameras/a/y_m' => 2.6]);
$glows = static fn (float $x, array $more): Plans => $lit->lamp(
    'globe', $x, 5.6, 'ann',
    $more + ['fixture' => 'lantern-60', 'practical' => true, 'dimmer' => 0.05, 'height_m' => 1.4],
)->with(['cameras/a/focal_mm' => 24, 'lights/key/y_m' => 4.4]);

return [
    'key-gives-the-stop' => [
        // The lamp gives 511 lux at full, and 20 are there.
        ['as wanted', $lit, 'holds holds ann', ['lux' => [173.3, 1], 'off' => [0.1, 0.01]]],
        ['a third over', $dimmed(0.358), 'holds holds ann', ['off' => [0.33, 0.012]]],
        ['a little more', $dimmed(0.365), 'watch bright ann', ['off' => [0.35, 0.012]], 'dim 28 %'],
        ['not yet a stop over', $dimmed(0.588), 'watch bright ann', [], 'dim 28 %'],
        ['more than a stop over', $dimmed(0.6), 'breaks bright ann', ['wanted' => 2.8], 'dim 28 %'],
        ['a third under', $dimmed(0.213), 'holds holds ann'],
        ['a little less', $dimmed(0.207), 'watch dim ann', [], 'dim 28 %'],
        ['more than a stop under', $dimmed(0.116), 'breaks dim ann', ['stop' => [1.97, 0.02]], 'dim 28 %'],
        ['by what is there', $dimmed(0.04)->with(['metering/ambient_lux' => 140]), 'holds day ann'],
        ['what is there is too much', $dimmed(0.04)->with(['metering/ambient_lux' => 250]), 'watch day-bright ann', [], 'iso 500'],
        [
            'blames what gives most', $dimmed(0.05)->lamp('other', 2, 2.6, null, ['dimmer' => 0.9]), 'breaks bright ann', [],
            'dim 25 %',
        ],
        ['by a closer limit', $dimmed(0.31)->with(['/brief/limits/key_watch_stops' => 0.1]), 'watch bright ann', [], 'dim 28 %'],
        ['standing', $lit->with(['subjects/ann/posture' => 'standing', 'lights/key/height_m' => 2.4]), 'holds holds ann'],
        ['no lamp, and little is there', $bare, 'breaks day-dim ann', ['lux' => 20], 'iso 6400'],
        ['no lamp, and enough is there', $bare->with(['metering/ambient_lux' => 162]), 'holds day ann'],
        ['no lamp, and far too much', $bare->with(['metering/ambient_lux' => 1200]), 'breaks day-bright ann', [], 'iso 100'],
        ['nobody has said anything of the light', $bare->with(['metering/ambient_lux' => 0]), ''],
        ['a second face in the dark', $lit->sitter('cy', 1.2, 6, 0), 'breaks dim cy'],
    ],
    'face-has-shape' => [
        ['a loop', $lit, 'holds holds ann', ['ratio' => [3.82, 0.05], 'pattern' => 'loop', 'least' => 1.8, 'most' => 8]],
        ['flat', $lit->with(['metering/ambient_lux' => 160]), 'watch fails ann'],
        ['just enough', $lit->with(['metering/ambient_lux' => 115]), 'holds holds ann', ['ratio' => [1.85, 0.05]]],
        [
            'hard', $key(['x_m' => 7.4, 'y_m' => 4.0, 'dimmer' => 0.6])->with(['metering/ambient_lux' => 0] + $black), 'watch hard ann',
            [], 'swing-clockwise 60°',
        ],
        [
            'flat is wanted, by the school', $lit->with($school('contrast', 'even') + ['metering/ambient_lux' => 200]),
            'holds holds ann', ['most' => 1.6],
        ],
        ['and shape is not', $lit->with($school('contrast', 'even')), 'watch hard ann'],
        ['from above', $key(['x_m' => 4.2, 'y_m' => 4.0, 'height_m' => 2.7]), 'watch top ann'],
        [
            'from above, where that is the look',
            $key(['x_m' => 4.2, 'y_m' => 4.0, 'height_m' => 2.7])
                ->with($school('top-light', 'the-look') + $school('contrast', 'even') + ['metering/ambient_lux' => 400]),
            'holds holds ann',
        ],
        ['from below', $key(['height_m' => 0.4]), 'watch under ann', ['pattern' => 'under light'], 'raise 2.06 m'],
        ['nothing gives light from anywhere', $bare, ''],
        // Read ahead 100, to her right 400, to her left 50: cells 60° off the nose read 25 + 300 and 25 + 37.5.
        ['as read around her head', $read(['right' => 400, 'left' => 50]), 'holds holds ann', ['ratio' => [5.2, 0.01], 'pattern' => 'split']],
        ['from everywhere alike', $read(['right' => 100, 'left' => 100, 'behind' => 100]), ''],
        ['from overhead', $read(['above' => 600]), 'watch top-there ann', ['angle' => [90, 0.5]]],
        ['from overhead, where that is the look', $read(['above' => 600])->with($school('top-light', 'the-look')), 'watch fails ann'],
        [
            'as it was read before she was turned', $read(['right' => 400, 'left' => 50])
                ->with(['metering/ambient_bearing_deg' => 80]), 'watch fails ann',
        ],
        ['open', $lit->with($school('contrast', 'open')), 'holds holds ann'],
        ['balanced', $lit->with($school('contrast', 'balanced')), 'watch hard ann'],
    ],
    'key-is-on-its-side' => [
        ['the far side of the face', $lit, 'holds holds key+ann', ['camera' => 'A']],
        ['the lens’s side', $key(['x_m' => 2]), 'watch fails key+ann', [], 'move 4.51 m'],
        ['the lens’s side, by the school', $key(['x_m' => 2])->with($school('contrast', 'open')), 'holds open key+ann'],
        ['the far side, by the same', $lit->with($school('contrast', 'open')), 'watch short key+ann', [], 'move 3.40 m'],
        ['no school of sides', $lit->with($school('contrast', 'even')), ''],
        ['a second camera on the same side', $lit->camera('b', 3.4, 1.8), 'holds alike b+ann', ['first' => 'A']],
        ['a second that sees the lit side', $lit->camera('b', 6, 2), 'watch other-open b+ann'],
        ['a second in the dark', $key(['x_m' => 2])->camera('b', 6, 2)->with($school('contrast', 'open')), 'watch other-short b+ann'],
        ['a second face, for its own camera', $two(6.8)->camera('b', 4.6, 1.8, 'cy'), 'watch fails key+cy', ['camera' => 'B']],
        ['what is there comes from one side', $read(['right' => 400]), 'watch fails ann', ['key' => 'what is there']],
        ['a window is the key', $windowed->with($day('overcast') + ['lights/key/dimmer' => 0.02]), 'watch fails w+ann', ['key' => 'w']],
    ],
    'colours-agree' => [
        ['one colour', $lit, 'holds holds key+ann', ['shift' => 0]],
        // 10⁶/6500 − 10⁶/5600 = −24.7 mired; 10⁶/6520 is −25.2.
        ['nearly', $key(['kelvin' => 6500]), 'holds holds key+ann', ['shift' => [-24.7, 0.1]]],
        ['not quite', $key(['kelvin' => 6520]), 'watch fails key+ann', ['shift' => [-25.2, 0.1]], 'set-kelvin 5600 K'],
        ['warm', $key(['kelvin' => 3200]), 'watch fails key+ann', ['shift' => [133.9, 0.2]], 'set-kelvin 5600 K'],
        [
            'a warm fill', $lit->lamp('fill', 2.6, 2.4, null, ['dimmer' => 0.1, 'kelvin' => 3200, 'height_m' => 1.5]),
            'watch fails fill+ann', ['shift' => [133.9, 0.2]], 'gel',
        ],
        ['warm, as the cameras are', $key(['kelvin' => 3200])->with(['/brief/facts/white_balance_k' => 3200]), 'holds holds key+ann'],
        [
            'warm, and later is soon enough', $key(['kelvin' => 4500])->with($school('repair', 'later')), 'holds holds key+ann',
            ['shift' => [43.7, 0.2]],
        ],
        ['daylight', $windowed->with($day('overcast')), 'holds holds ann+daylight', ['lamp' => 'Daylight']],
        [
            'daylight on cameras set to lamps', $windowed->with($day('overcast') + ['/brief/facts/white_balance_k' => 3200]),
            'watch day ann+daylight',
        ],
        [
            'sun on the face', $windowed->with($day('clear', '2026-06-21', '16:00', '17:00') + ['metering/clock' => '16:30']),
            'holds holds ann+daylight',
        ],
        ['a warm glow', $lit->lamp('glow', 2.6, 2.4, null, ['dimmer' => 0.02, 'kelvin' => 3200, 'height_m' => 1.5]), 'holds holds key+ann'],
        [
            'a hint of warmth', $lit->lamp('glow', 2.6, 2.4, null, ['dimmer' => 0.028, 'kelvin' => 3200, 'height_m' => 1.5]),
            'holds holds key+ann',
        ],
    ],
    'lens-is-shaded' => [
        ['behind the lens', $bare->lamp('l', 3, 0.8), 'holds holds l'],
        ['beside the frame, into the lens', $bare->lamp('l', 6, 5.6, null, $aimed(4, 1.6, 1.2)), 'watch fails l+a', ['off' => [27, 4]]],
        [
            'from behind, over her shoulder: a grid keeps it out',
            $lit->lamp('l', 5.6, 6.0, null, ['dimmer' => 0.2, 'height_m' => 2.2]), 'watch fails l+a', ['off' => [21.2, 0.2]], 'grid',
        ],
        ['turned away from it', $bare->lamp('l', 6, 5.6, null, $aimed(6, 7, 1.2)), 'holds holds l'],
        ['just too wide', $bare->lamp('l', 7.6, 4.2, null, $aimed(4, 1.6, 1.2)), 'holds holds l'],
        ['behind a flag', $bare->lamp('l', 6, 5.6, null, $aimed(4, 1.6, 1.2))->thing('flag', 5.0, 3.6, 1.2, 0.05, 2.4), 'holds holds l'],
        ['a grid keeps it out', $bare->lamp('l', 6, 5.6, null, ['before' => 'grid-tight'] + $aimed(4.0, 6.9, 1.2)), 'holds holds l'],
        ['off', $bare->lamp('l', 6, 5.6, null, ['on' => false] + $aimed(4, 1.6, 1.2)), 'holds holds l'],
        ['a globe that may be seen', $globe(), 'holds holds globe'],
    ],
    'face-is-unshaded' => [
        ['free', $lit, 'holds holds key+ann', ['share' => 0.0]],
        [
            'a shelf between', $lit->thing('shelf', 5, 3.5, 1.2, 1.2, 2.4), 'watch fails key+ann+shelf', ['share' => [1.0, 0.01]],
            'swing-counter 45°',
        ],
        ['a pole between', $lit->thing('pole', 5.2, 3.35, 0.04, 0.04, 2.4), 'holds holds key+ann', ['share' => [0.06, 0.05]]],
        [
            'somebody’s head', $lit->interviewer('cy', 5.0, 3.5, 0, ['posture' => 'standing']), 'watch fails key+ann+cy', [],
            'swing-clockwise 15°',
        ],
        ['turned to the wall', $key($aimed(6, 7, 1.2))->thing('shelf', 5, 3.5, 1.2, 1.2, 2.4), ''],
        ['off', $key(['on' => false]), ''],
    ],
    'back-light-misses-the-nose' => [
        ['from well behind', $lit->lamp('back', 3.4, 6.4, null, ['dimmer' => 0.3, 'height_m' => 2.6]), 'holds holds back+ann'],
        [
            'from nearly above, and strong', $lit->lamp('back', 4.1, 4.75, null, ['dimmer' => 0.3, 'height_m' => 2.8]),
            'watch fails back+ann', ['off' => [106, 6]],
        ],
        [
            'from nearly above, and weak',
            $lit->lamp('back', 4.1, 4.75, null, ['dimmer' => 0.01, 'height_m' => 2.8, 'fixture' => 'soft-90']), 'holds holds back+ann',
        ],
        ['from before', $lit, ''],
        ['from behind and low', $lit->lamp('back', 4.2, 5.6, null, ['dimmer' => 0.3, 'height_m' => 1.7]), 'holds holds back+ann'],
        [
            'from nearly above, a little of it', $lit->lamp('back', 4.1, 4.75, null, ['dimmer' => 0.03, 'height_m' => 2.8]),
            'watch fails back+ann',
        ],
        [
            'from above and a little behind', $lit->lamp('back', 4.1, 5.1, null, ['dimmer' => 0.3, 'height_m' => 2.8]),
            'holds holds back+ann',
        ],
    ],
    'hair-keeps-its-limit' => [
        ['an edge', $edge(0.4), 'holds holds back+ann', ['over' => [1.42, 0.03], 'limit' => 1.5]],
        ['an edge that shouts', $edge(0.55), 'watch fails back+ann', ['over' => [1.54, 0.03]], 'dim 36 %'],
        ['less is wanted, by the school', $edge(0.1)->with($school('edge-light', 'only-if-readable')), 'watch fails back+ann', [], 'dim 8 %'],
        ['more, by another', $edge(1.0)->with($school('edge-light', 'window')), 'holds holds back+ann', ['limit' => 2]],
        ['by one’s own limit', $edge(0.1)->with(['/brief/limits/hair_over_stops' => 0.6]), 'holds holds back+ann', ['limit' => 0.6]],
        ['standing', $edge(0.4)->with(['subjects/ann/posture' => 'standing', 'lights/back/height_m' => 2.7]), 'holds holds back+ann'],
        ['nothing from behind', $lit, ''],
        ['a window behind', $windowBehind(4.6), 'holds holds ann', ['way' => 'over']],
        ['and nearer to it', $windowBehind(5.6), 'watch day ann', ['over' => [2.0, 0.1]]],
    ],
    'background-sits-under-the-face' => [
        ['under', $lit, 'holds holds a+ann', ['behind' => 'far wall']],
        [
            'a lamp on the wall', $lit->lamp('wall', 2.4, 5.4, null, ['fixture' => 'open-200', 'dimmer' => 0.6] + $aimed(4, 7, 1.4)),
            'watch fails a+ann', ['lamp' => 'Wall'], 'set-flag 45 cm 60 cm',
        ],
        [
            'what is there', $dimmed(0.02)->with(['metering/ambient_lux' => 100, '/brief/limits/background_over_stops' => -2]),
            'watch bright a+ann',
        ],
        [
            'in the dark',
            $lit
                ->with([
                    'metering/ambient_lux' => 0,
                    '/locations/room/space/surfaces' => [
                        'walls' => 'black-cloth', 'floor' => 'black-cloth', 'ceiling' => 'black-cloth',
                    ],
                    'lights/key/before' => 'grid-tight',
                ]),
            'watch dark a+ann',
        ],
        [
            'by a higher limit',
            $lit
                ->lamp('wall', 2.4, 5.4, null, ['fixture' => 'open-200', 'dimmer' => 0.6] + $aimed(4, 7, 1.4))
                ->with(['/brief/limits/background_over_stops' => 5]),
            'holds holds a+ann',
        ],
    ],
    'patch-is-no-hot-spot' => [
        ['near the face’s level', $spot(0.05), 'holds holds spot+a', ['over' => [0.26, 0.03], 'width' => [3.56, 0.05]]],
        ['too bright', $spot(0.2), 'watch hot spot+a', ['over' => [1.15, 0.03]], 'dim 13 %'],
        ['through doors it is smaller', $spot(0.05)->with(['lights/spot/before' => 'doors']), 'holds holds spot+a', ['width' => [2.2, 0.05]]],
        ['a large lamp far off has no edge on a wall', $spot(0.05)->with($far), 'holds spread spot+a'],
        ['out of the frame', $spot(0.2)->with(['cameras/a/focal_mm' => 70, 'lights/spot/aim_x_m' => 0.8]), ''],
        ['off', $spot(0.2)->with(['lights/spot/on' => false]), ''],
        ['turned to a face', $lit, ''],
        ['a picture in a dark room', $beam(0.5, 20)->with($black), 'holds holds beam+a', ['width' => [3.03, 0.03], 'height' => [1.59, 0.03]]],
        ['and with too much light there', $beam(0.5, 160)->with($black), 'watch washed beam+a'],
    ],
    'table-lies-between' => [
        ['under the face, over the wall', $table, 'holds holds a+table', ['table-stops' => [0.75, 0.05], 'way' => 'under']],
        ['a pale cloth under a lamp', $laid->lamp('top', 4.2, 3.4, null, $onTable(0.3)), 'watch over a+table', ['lamp' => 'Top'], 'switch-off'],
        [
            'a grey cloth in a pool of light', $table->row('colours', ['id' => 'cloth', 'name' => 'cloth', 'on' => 'table', 'colour' => '#909090'])
                ->lamp('top', 4.2, 3.4, null, ['before' => 'doors'] + $onTable(0.3)),
            'watch over a+table', ['table-stops' => [2.06, 0.05]], 'dim 4 %',
        ],
        ['a brighter wall', $table->lamp('wall', 2, 5.6, null, $onWall(0.3)), 'watch lost a+table', ['lamp' => 'Wall'], 'switch-off'],
        ['out of the frame', $table->with(['cameras/a/focal_mm' => 70]), ''],
        ['too far from who sits there', $table->with(['furniture/table/y_m' => 2.2]), ''],
        ['a board is no table', $table->with(['furniture/table/reflects' => 0.8]), ''],
        ['nothing there', $lit, ''],
    ],
    'subject-parts-by-light' => [
        ['by the bright cheek', $lit, 'holds holds a+ann', ['stops' => [1.64, 0.05]]],
        ['by nothing', $dimmed(0.02)->with(['metering/ambient_lux' => 160] + $pale), 'watch fails a+ann'],
    ],
    'eyes-catch-light' => [
        ['the key', $lit, 'holds holds a+ann', ['light' => 'Key', 'hour' => '10']],
        ['too high', $key(['x_m' => 4.3, 'y_m' => 3.6, 'height_m' => 2.8]), 'watch fails a+ann'],
        ['from behind', $key(['x_m' => 4.2, 'y_m' => 6.4]), 'watch fails a+ann', ['light' => 'nothing']],
        [
            'a window',
            $bare
                ->window('w', 'left', 3.8, 1.6)
                ->with($site + $day('overcast') + ['subjects/ann/facing_deg' => 230, 'subjects/ann/looks_at' => null]),
            'holds holds a+ann', ['light' => 'the w'],
        ],
        ['no light at all', $bare, 'watch fails a+ann'],
        ['a lamp too far round', $key(['x_m' => 6.6, 'y_m' => 4.6, 'height_m' => 1.5]), 'watch fails a+ann'],
        ['the stronger of two', $lit->lamp('fill', 2.6, 2.4, null, ['dimmer' => 0.05, 'height_m' => 1.5]), 'holds holds a+ann'],
        [
            'the stronger of two, whichever comes first',
            $bare
                ->lamp('fill', 2.6, 2.4, null, ['dimmer' => 0.05, 'height_m' => 1.5])
                ->lamp('key', 6, 2.6, null, ['dimmer' => 0.3, 'height_m' => 2.0]),
            'holds holds a+ann',
        ],
        ['from over the lens, below', $key(['x_m' => 4.0, 'y_m' => 2.0, 'height_m' => 0.8]), 'holds holds a+ann'],
        [
            'a lamp for someone else, and one that is aimed',
            $two(5)->with(['lights/key/subject' => 'cy'])->lamp('top', 4.1, 4.3, null, ['height_m' => 2.8] + $aimed(4, 4.4, 1.2)),
            'holds holds a+ann',
        ],
    ],
    'faces-agree' => [
        ['side by side', $two(3.4), 'holds holds ann+cy'],
        ['far from the lamp', $two(1.2), 'watch fails ann+cy', ['one' => 'Ann', 'other' => 'Cy']],
        [
            'near the lamp and a little farther',
            $lit->sitter('cy', 2.8, 4.4)->with(['lights/key/x_m' => 5.2, 'lights/key/y_m' => 3.0, 'lights/key/dimmer' => 0.12]),
            'watch fails ann+cy', ['stops' => [0.86, 0.01]], 'move-and-dim 58 cm 20 %',
        ],
        ['far from the lamp, with much around', $two(1.2)->with(['metering/ambient_lux' => 150]), 'holds holds ann+cy'],
        ['one alone', $lit, ''],
    ],
    'tint-is-neutral' => [
        ['neutral', $lit, 'holds holds ann'],
        ['hardly green', $key(['duv' => 0.0039]), 'holds holds ann', ['duv' => [0.0039, 0.0002]]],
        ['green', $key(['duv' => 0.0043]), 'watch fails ann', ['tint' => 'green'], 'set-tint'],
        ['magenta', $key(['duv' => -0.0043]), 'watch fails ann', ['tint' => 'magenta'], 'set-tint'],
        ['nothing whose colour is known', $bare, ''],
    ],
    'window-keeps-its-detail' => [
        ['out of frame', $windowed->with($day('clear')), ''],
        [
            'in frame, under the sun', $lit->window('w', 'far', 2.4, 1.2)->with($site + $day('clear') + ['cameras/a/focal_mm' => 24]),
            'watch fails a+w', ['limit' => 5.5], 'draw-curtain',
        ],
        [
            'in frame, and a sheer is enough',
            $lit
                ->window('w', 'far', 2.4, 1.2)
                ->with($site + $day('overcast') + ['cameras/a/focal_mm' => 24, '/brief/limits/clip_stops' => 8]),
            'watch fails a+w', ['stops' => [8.98, 0.02]], 'hang-sheer',
        ],
        [
            'in frame, in the evening',
            $lit
                ->window('w', 'far', 2.4, 1.2)
                ->with($site + $day('overcast', '2026-12-21', '15:20', '15:40') + ['cameras/a/focal_mm' => 24]),
            'holds holds a+w',
        ],
        [
            'behind a lined curtain',
            $lit->window('w', 'far', 2.4, 1.2, ['curtain' => 'lined'])->with($site + $day('clear') + ['cameras/a/focal_mm' => 24]),
            'holds holds a+w',
        ],
        ['as metered, nobody knows', $lit->window('w', 'far', 2.4, 1.2)->with(['cameras/a/focal_mm' => 24]), ''],
    ],
    'light-is-steady' => [
        ['about noon', $windowed->with($day('overcast')), 'holds holds ann'],
        [
            'into the evening', $windowed->with($day('overcast', '2026-06-21', '17:00', '21:30') + ['lights/key/on' => false]),
            'watch fails ann',
        ],
        [
            'by luck, somewhat',
            $windowed->with($day('overcast', '2026-06-21', '16:00', '19:30') + $school('hour', 'by-luck') + ['lights/key/on' => false]),
            'holds holds ann', ['limit' => 1.5],
        ],
        ['clouds that come and go', $windowed->with($day('broken') + ['lights/key/on' => false]), 'watch clouds ann'],
        [
            'behind blackout', $windowed->with($day('broken') + ['/locations/room/space/openings/w/curtain' => 'blackout']),
            'holds holds ann', ['drift' => 0.0],
        ],
        ['by night', $windowed->with($day('clear', '2026-12-21', '20:00', '22:00')), ''],
        ['as metered', $windowed, ''],
    ],
    'dark-is-waited-for' => [
        [
            'in the light, by the school of the dark',
            $windowed->with($day('clear', '2026-12-21', '13:00', '14:00') + $school('hour', 'after-dark')), 'watch fails hours', [],
            'shift-hours',
        ],
        [
            'in the dark', $windowed->with($day('clear', '2026-12-21', '17:00', '18:00') + $school('hour', 'after-dark')),
            'holds holds hours',
        ],
        [
            'in dusk it is not yet dark',
            $windowed->with($day('clear', '2026-12-21', '15:50', '16:50') + $school('first-light', 'wait-for-dark')),
            'watch fails hours', [], 'shift-hours',
        ],
        [
            'without windows it is always dark',
            $lit->with($site + $day('clear', '2026-12-21', '13:00', '14:00') + $school('hour', 'after-dark')), '',
        ],
        ['by another school', $windowed->with($day('clear', '2026-12-21', '13:00', '14:00')), ''],
    ],
    'haze-suits-the-frames' => [
        ['none', $lit, ''],
        [
            'a lamp toward the lens', $lit->lamp('back', 3.4, 6.4)->with($school('haze', 'throughout')), 'holds holds a+back',
            ['lamp' => 'Back'],
        ],
        ['none toward the lens', $lit->with($school('haze', 'throughout')), 'watch veil a'],
        [
            'for wides alone, and this is close',
            $lit->lamp('back', 3.4, 6.4)->with($school('haze', 'wides-only') + ['cameras/a/focal_mm' => 70]), 'watch tight a+back',
            ['size' => 'medium close-up'],
        ],
        [
            'for wides alone, and this is wide',
            $lit->lamp('back', 3.4, 6.4)->with($school('haze', 'wides-only') + ['cameras/a/focal_mm' => 24]), 'holds holds a+back',
        ],
        ['until it is dense', $lit->lamp('back', 3.4, 6.4)->with($school('haze', 'off-when-dense')), 'holds stop-rule a+back'],
    ],
    'hot-lamps-keep-their-distance' => [
        ['under a high ceiling', $hot([]), 'holds holds hot'],
        ['too near the ceiling', $hot(['height_m' => 2.45]), 'breaks ceiling hot', ['least' => 0.6], 'lower 18 cm'],
        ['just far enough', $hot(['height_m' => 2.3]), 'holds holds hot'],
        [
            'a cloth too near', $hot(['before' => 'octa-150'])->with(['/kit/modifiers/octa-150/ahead_m' => 0.49]), 'breaks fails hot',
            ['distance' => 0.49, 'least' => 0.5],
        ],
        ['a cloth far enough', $hot(['before' => 'octa-150'])->with(['/kit/modifiers/octa-150/ahead_m' => 0.51]), 'holds holds hot'],
        ['off', $hot(['on' => false]), ''],
        ['cool', $lit, ''],
    ],
    'dimmer-is-clean' => [
        ['at its lowest', $dimmed(0.02), 'holds holds key', ['lowest' => 0.02]],
        ['below', $dimmed(0.019), 'watch fails key', [], 'dim 2 %'],
        ['off', $key(['on' => false, 'dimmer' => 0.01]), ''],
    ],
    'lamp-does-as-meant' => [
        ['nobody has said', $lit, ''],
        ['a key', $key(['meant' => 'key']), 'holds holds key', ['share' => [0.885, 0.01]]],
        ['a key that is meant as a fill', $key(['meant' => 'fill']), 'watch fails key', ['meant' => 'fill', 'does' => 'key for Ann, background behind Ann'], 'call-lamp'],
        ['a weaker one on the other side', $lit->lamp('b', 2, 2.4, null, ['dimmer' => 0.05, 'meant' => 'fill']), 'holds holds b'],
        ['a back light', $lit->lamp('b', 3.4, 6.4, null, ['dimmer' => 0.05, 'height_m' => 2.6, 'meant' => 'back light']), 'holds holds b'],
        ['a back light from ahead', $lit->lamp('b', 3.6, 2, null, ['dimmer' => 0.05, 'height_m' => 2.2, 'meant' => 'back light']),
            'watch fails b', ['does' => 'fill for Ann'], 'call-lamp'],
        ['a kicker', $lit->lamp('b', 2.2, 5, null, ['dimmer' => 0.05, 'meant' => 'kicker']), 'holds holds b'],
        ['a background', $lit->lamp(
            'b', 2.4, 5.4, null,
            ['fixture' => 'open-200', 'dimmer' => 0.05, 'before' => 'doors', 'meant' => 'background'] + $aimed(4, 7, 1.4),
        ), 'holds holds b'],
        ['an eye light by the lens', $lit->lamp('b', 4.1, 1.6, null, ['fixture' => 'eye-5', 'dimmer' => 0.5, 'height_m' => 1.3, 'meant' => 'eye light']),
            'holds holds b'],
        ['one that lights a corner', $lit->lamp('b', 7.4, 6.4, null, ['dimmer' => 0.02, 'before' => 'grid-tight', 'meant' => 'fill'] + $aimed(7.9, 6.9, 1)),
            'watch idle b'],
        ['one that is off', $key(['meant' => 'fill', 'on' => false]), ''],
        ['a practical', $lit->lamp('b', 3, 5.5, null, ['practical' => true, 'meant' => 'practical', 'dimmer' => 0.02]), 'holds holds b'],
        ['for somebody who stands', $lit->with(['subjects/ann/posture' => 'standing', 'lights/key/meant' => 'key']), 'holds holds key'],
        ['a window is the key', Plans::room(8, 7)->sitter('ann', 4, 4.4)->camera('a', 4, 1.6)->window('w', 'left', 2, 2.4)->with([
            '/locations/room/site' => ['latitude_deg' => 51.5, 'longitude_deg' => -1.5, 'time_zone' => 'Europe/London'],
            '/brief/days' => [['id' => 'd', 'name' => 'd', 'date' => '2026-06-05', 'from' => '10:30', 'to' => '12:00']],
            'metering/weather' => 'overcast',
        ])->lamp('b', 6, 2.4, null, ['dimmer' => 0.2, 'meant' => 'fill']), 'holds holds b'],
    ],
    'lamp-earns-its-place' => [
        ['the key', $lit, 'holds holds key', ['share' => [0.885, 0.01]]],
        [
            'one that lights a corner',
            $lit->lamp('lost', 7.4, 6.4, null, ['dimmer' => 0.02, 'before' => 'grid-tight'] + $aimed(7.9, 6.9, 1)), 'watch fails lost',
            [], 'switch-off',
        ],
        ['one for the hair', $lit->lamp('back', 3.4, 6.4, null, ['dimmer' => 0.05, 'height_m' => 2.6]), 'holds holds back'],
        [
            'one on the wall behind',
            $lit->lamp('wall', 2.4, 5.4, null, ['fixture' => 'open-200', 'dimmer' => 0.05, 'before' => 'doors'] + $aimed(4, 7, 1.4)),
            'holds holds wall',
        ],
        ['off', $key(['on' => false]), ''],
        ['a globe that is there to be seen', $globe(), ''],
    ],
    'practicals-hold' => [
        ['aglow', $globe(), 'holds holds globe+a', ['limit' => 5.5]],
        ['burnt out', $globe(['dimmer' => 1]), 'watch fails globe+a'],
        [
            'burnt out, by a camera that holds more', $globe(['dimmer' => 1])->with(['/brief/limits/clip_stops' => 12]),
            'holds holds globe+a',
        ],
        ['out of every frame', $globe(['x_m' => 7.5, 'dimmer' => 1]), ''],
        ['no practical', $lit, ''],
    ],
    // 8 × 7 × 2.8 m: the lens sees the far wall 5.4 m off; a wall that keeps 85 % wants −ln 0.85 ÷ (3 · 5.4) = 10 mg/m³.
    'haze-is-there-in-time' => [
        ['in time', $haze('08:00'), 'holds holds hazer'],
        ['too late', $haze('09:55'), 'watch late hazer', [], 'start-haze'],
        ['as late as will do, where nobody says', $haze(''), 'holds holds hazer'],
        ['a room that leaks', $haze('08:00', ['air_changes_h' => 60, 'output_g_min' => 1.0]), 'watch never hazer'],
        ['hours are open', $haze('')->with(['/brief/days' => []]), 'holds open hazer'],
        ['nobody has said how it leaks', $haze('08:00', ['air_changes_h' => null]), ''],
        ['no hazer', $lit, ''],
    ],
    'room-lamps-are-as-chosen' => [
        ['off, and it burns', $globe()->lamp('key', 6, 2.6, null, ['dimmer' => 0.3, 'height_m' => 2.0])->with($school('room-lamps', 'off')), 'watch burns globe', [], 'switch-off'],
        ['kept', $globe(['kelvin' => 2700])->with($school('room-lamps', 'practicals')), 'holds holds globe'],
        [
            'another globe, and this is warm', $globe(['kelvin' => 2700])->with($school('room-lamps', 'swap-globes')),
            'watch globe globe', ['kelvin' => 2700], 'set-kelvin 5600 K',
        ],
        ['another globe, and this is right', $globe()->with($school('room-lamps', 'swap-globes')), 'holds holds globe'],
        ['both ways', $globe()->with($school('room-lamps', 'try-both')), 'holds both globe'],
        ['off', $globe(['on' => false])->with($school('room-lamps', 'off')), ''],
    ],
    'shadows-stay-out-of-frame' => [
        ['a large lamp throws none with an edge', $lit, 'holds holds'],
        ['a small lamp and a body near the wall', $hard(6.2), 'watch body ann+hard+a', ['wall' => 'far wall']],
        ['the same, and it is meant', $hard(6.2)->with(['lights/hard/silhouette' => true]), 'holds meant ann+hard+a'],
        ['meant, and no frame sees it', $hard(3.0)->with(['lights/hard/silhouette' => true, 'cameras/a/y_m' => 0.8]), 'watch missed hard'],
        [
            'a stand’s', $hard(3.0)->camera('b', 5.0, 6.0, null, ['aim' => ['mode' => 'free', 'bearing_deg' => 180, 'tilt_deg' => 0]]),
            'watch fails b+hard+a', [], 'swing-clockwise 45°',
        ],
    ],
    'soft-box-fits-the-room' => [
        ['within', $lit, 'holds holds key'],
        [
            'through the ceiling', $key(['height_m' => 2.7] + $aimed(4, 4.4, 2.7)), 'breaks ceiling key', ['distance' => [0.15, 0.005]],
            'lower 18 cm',
        ],
        ['just under it', $key(['height_m' => 2.54] + $aimed(4, 4.4, 2.54)), 'holds holds key'],
        [
            'through the floor', $key(['height_m' => 0.4] + $aimed(4, 4.4, 0.4)), 'breaks floor key', ['distance' => [0.05, 0.005]],
            'raise 8 cm',
        ],
        [
            'through a wall', $key(['x_m' => 7.7, 'y_m' => 4.4] + $aimed(7.7, 1, 1.8)), 'breaks wall key',
            ['distance' => [0.15, 0.005], 'what' => 'right wall'], 'move 18 cm',
        ],
        ['into a shelf', $lit->thing('shelf', 6.2, 2.4, 0.6, 0.6, 2.4), 'breaks furniture key', ['what' => 'shelf']],
        ['outside there is no ceiling', $outside(-2, 3.2, 4.5), ''],
        [
            'in an open doorway',
            $key(['x_m' => 7.7, 'y_m' => 4.4] + $aimed(7.7, 1, 1.8))
                ->opening('arch', 'right', 3.9, 1.0, ['kind' => 'door', 'sill_m' => 0, 'head_m' => 2.6]),
            'holds holds key',
        ],
        [
            'beside an open doorway',
            $key(['x_m' => 7.7, 'y_m' => 4.4] + $aimed(7.7, 1, 1.8))
                ->opening('arch', 'right', 1.0, 1.0, ['kind' => 'door', 'sill_m' => 0, 'head_m' => 2.6]),
            'breaks wall key',
        ],
        [
            'in front of a window', $key(['x_m' => 7.7, 'y_m' => 4.4] + $aimed(7.7, 1, 1.8))->window('win', 'right', 3.9, 1.0),
            'breaks wall key',
        ],
        [
            'over a low doorway',
            $key(['x_m' => 7.7, 'y_m' => 4.4] + $aimed(7.7, 1, 1.8))
                ->opening('arch', 'right', 3.9, 1.0, ['kind' => 'door', 'sill_m' => 0, 'head_m' => 1.3]),
            'breaks wall key',
        ],
    ],
    'lamps-outside-reach-in' => [
        // The window is 2.4 to 4 m along the left wall, 0.9 to 2.1 m high.
        ['through the window', $outside(-3, 2.6, 1.8), 'holds holds sun+ann'],
        ['past it', $outside(-3, 6.4, 1.8), 'watch dark sun+ann', ['share' => 0.0], 'move 5.62 m'],
        [
            'in a lens',
            $outside(-3, 2.6, 1.8)
                ->camera('b', 5, 4.0, null, ['aim' => ['mode' => 'free', 'bearing_deg' => 262, 'tilt_deg' => 0], 'focal_mm' => 24]),
            'watch shows sun+ann', ['camera' => 'B'], 'move 1.37 m',
        ],
        [
            'behind a curtain', $outside(-3, 2.6, 1.8)->with(['/locations/room/space/openings/w/curtain' => 'blackout']),
            'watch dark sun+ann',
        ],
        ['inside', $lit, ''],
    ],
    'walk-keeps-its-light' => [
        ['a step aside', $walks($lit, 4.3, 4.4), 'holds holds ann'],
        ['toward the lamp', $walks($lit, 5.2, 3.4), 'watch drifts ann', [], 'carry'],
        ['with a carried lamp', $walks($key(['carried' => true, 'x_m' => 4.6, 'y_m' => 3.4]), 5.2, 3.4), 'holds holds ann+key'],
        [
            'with a carried lamp, under another that stays',
            $walks(
                $key(['carried' => true, 'x_m' => 4.6, 'y_m' => 3.4, 'dimmer' => 0.05])
                    ->lamp('fixed', 6.4, 3.0, null, ['dimmer' => 0.3]),
                5.4, 3.6,
            ),
            'watch follows ann+key', [], 'move 33 cm',
        ],
        [
            'before a wall that is lit in one place',
            $walks(
                $key(['carried' => true, 'x_m' => 4.6, 'y_m' => 3.4])
                    ->lamp(
                        'wall', 5.4, 6.2, null, ['fixture' => 'open-200', 'dimmer' => 0.5, 'before' => 'doors'] + $aimed(6.2, 7, 1.4),
                    ),
                5.4, 4.4,
            )
                ->with(['cameras/a/aim' => ['mode' => 'eyes', 'subject' => 'ann'], 'cameras/a/x_m' => 4]),
            'watch behind ann+key',
        ],
        [
            'whose boom hangs before the lamp',
            $walks(
                $key(['carried' => true, 'x_m' => 4.6, 'y_m' => 3.4, 'height_m' => 1.5])
                    ->boom('boom', 4.4, 3.9, 1.45, ['stand_x_m' => 4.7, 'stand_y_m' => 2.6]),
                4.3, 4.4,
            ),
            'watch boom ann+key+boom',
        ],
        ['into the wall', $walks($lit, 9, 4.4), 'breaks leaves ann'],
        ['nobody walks', $lit, ''],
    ],
    'key-is-motivated' => [
        ['nothing shows', $lit, ''],
        ['a window that shows, on the key’s side', $shows(6), 'holds holds key+a'],
        ['a window that shows, and a key from the other side', $shows(2), 'watch side key+a'],
        ['a window out of the frame', $lit->window('w', 'near', 2, 2), ''],
        ['a practical of the same colour', $glows(4.9, ['kelvin' => 5600]), 'holds holds key+a'],
        ['a practical that is warmer', $glows(4.9, ['kelvin' => 2900]), 'watch colour key+a', ['kelvin' => 5600], 'set-kelvin 2900 K'],
        ['a practical that is off', $glows(4.9, ['on' => false]), ''],
        ['a key far above it', $glows(4.9, ['kelvin' => 5600, 'height_m' => 0.9])->with(['lights/key/x_m' => 4.9, 'lights/key/y_m' => 3.8,
            'lights/key/height_m' => 2.5]), 'watch height key+a'],
        ['by night, in a second setup', $glows(4.9, ['kelvin' => 2900])->second('other')->in('other'), 'watch colour key+a'],
    ],
];
