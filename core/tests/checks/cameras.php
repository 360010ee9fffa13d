<?php

declare(strict_types=1);

use FineFrame\Tests\Plans;

// Ann sits 2.8 m before A and looks at Bo, who sits a little to the right of the lens.
$talk = Plans::room(8, 7)->sitter('ann', 4, 4.4)->interviewer('bo', 4.5, 1.2)->with(['subjects/ann/looks_at' => 'bo'])->camera('a', 4, 1.6);
$two = $talk->camera('b', 5.6, 2.2, 'ann', ['focal_mm' => 35]);
$set = static fn (Plans $plan, array $a): Plans => $plan->with(
    array_combine(array_map(static fn (string $k): string => "cameras/a/settings/$k", array_keys($a)), $a),
);
$school = static fn (string $question, string $answer): array => ["/brief/schools/$question" => $answer];
$free = static fn (float $bearing, float $tilt = 0.0): array => [
    'aim' => ['mode' => 'free', 'bearing_deg' => $bearing, 'tilt_deg' => $tilt],
];
$mark = static fn (float $at, float $x, float $y): array => [
    'id' => "m$at", 'at_s' => $at, 'x_m' => $x, 'y_m' => $y, 'height_m' => 1.2, 'focal_mm' => 50, 'subject' => 'ann',
];
$moving = static fn (Plans $plan, array ...$marks): Plans => $plan->with(
    ['cameras/a/support' => 'gimbal', 'moves' => [['id' => 'm', 'camera' => 'a', 'marks' => $marks]]],
);
$tall = [
    'id' => 'tall', 'name' => 'Tall', 'fixture' => 'panel-60', 'stand' => 'light-stand', 'x_m' => 4.2, 'y_m' => 3.2, 'height_m' => 1.3,
    'subject' => 'ann',
];
$pair = Plans::room(8, 7)
    ->sitter('ann', 3, 4)
    ->sitter('cy', 5, 4)
    ->with(['subjects/ann/looks_at' => 'cy', 'subjects/cy/looks_at' => 'ann']);
$house = $talk
    ->with(['/locations/room/scouted/colour' => [['id' => 'tubes', 'name' => 'tubes', 'kelvin' => 4000, 'plan' => 'keep as it is']]]);
$wears = static fn (float $mm): Plans => $talk
    ->row(
        'colours',
        ['id' => 'shirt', 'name' => 'shirt', 'on' => 'ann', 'colour' => '#8090a0'] + ($mm > 0 ? ['pattern_mm' => $mm] : []),
    );
$watches = static fn (array $view): Plans => $talk->row('views', $view + ['id' => 'v', 'name' => 'v']);
$reads = static fn (float $y): Plans => $talk->with(
    ['cameras/a/y_m' => $y, 'cameras/a/prompter' => 'prompter-10', 'subjects/ann/looks_at' => 'a'],
);
$hung = static fn (string $finish, float $turn): Plans => Plans::room(8, 7)->sitter('ann', 3, 5)->camera(
    'a',
    4,
    1.6,
    null,
    ['aim' => ['mode' => 'free', 'bearing_deg' => 0, 'tilt_deg' => 0]],
)
    ->thing('pane', 4, 6.5, 1.2, 0.05, 0.9, ['base_m' => 0.8, 'finish' => $finish, 'turn_deg' => 180 + $turn]);
$stack = static fn (float $height): Plans => $talk
    ->with(['cameras/a/support' => 'clamp', 'cameras/a/aim/side' => 'centred'])
    ->camera(
        'b', 4, 1.62, 'ann',
        [
            'height_m' => $height, 'support' => 'clamp', 'focal_mm' => 50,
            'aim' => ['mode' => 'eyes', 'subject' => 'ann', 'side' => 'centred'],
        ],
    );
$part = static fn (string $id, string $size, array $more = []): array => $more + [
    'id' => $id,
    'name' => $id,
    'minutes' => 10,
    'camera' => 'a',
    'size' => $size,
];
$screened = $talk->camera('b', 3.2, 1.6, 'ann', ['operator' => 'Dee'])->thing('screen', 3.55, 2.4, 1.0, 0.05, 1.6);
$stage = ['/locations/room/space/built' => [
    [
        'id' => 'stage', 'name' => 'stage', 'kind' => 'platform', 'x_m' => 3.1, 'y_m' => 1.0, 'width_m' => 1.2, 'depth_m' => 1.2,
        'height_m' => 0.6,
    ],
]];

$walk = static fn (Plans $plan, float $x, float $y, array $more = []): Plans => $plan->row(
    'walks',
    $more + ['id' => 'w', 'name' => 'walk', 'person' => 'ann', 'to_x_m' => $x, 'to_y_m' => $y],
);

return [
    'camera-is-manual' => [
        ['by hand', $talk, 'holds holds a'],
        ['by itself', $set($talk, ['automatic' => 'focus']), 'breaks fails a', ['what' => 'focus'], 'set-manual'],
        ['by touch, by the other school', $set($talk, ['automatic' => 'focus'])->with($school('settings', 'touch')), 'watch lock a'],
        ['of two, the one that hunts', $set($two, ['automatic' => 'exposure']), 'breaks fails a', [], 'set-manual'],
        ['nobody films', Plans::room()->sitter('ann', 3, 3), ''],
    ],
    'camera-is-set-to-the-stop' => [
        // A sixth of a stop and a hair: 2.8 · 2^(0.17 / 2) = 2.970.
        ['as planned', $talk->with(['cameras/a/lens' => 'prime-50', 'cameras/a/t_stop' => 2.8]), 'holds holds a', ['off' => 0.0]],
        ['under by a sixth of a stop', $talk->with(['cameras/a/t_stop' => 2.96]), 'holds holds a', ['off' => 0.16]],
        ['under by more', $talk->with(['cameras/a/t_stop' => 2.99]), 'watch closed a', ['off' => 0.19], 'set-stop T2.9'],
        [
            'over by a stop', $talk->with(['cameras/a/lens' => 'prime-50', 'cameras/a/t_stop' => 2.0]), 'watch open a',
            ['off' => 0.971], 'set-stop T2.8',
        ],
        [
            'over by a stop, with one of density',
            $set($talk->with(['cameras/a/lens' => 'prime-50', 'cameras/a/t_stop' => 2.0]), ['nd_stops' => 1]), 'holds holds a',
            ['off' => 0.029],
        ],
        ['with twice the sensitivity', $set($talk->with(['cameras/a/t_stop' => 4.0]), ['iso' => 1600]), 'holds holds a', ['off' => 0.029]],
        [
            'with half the shutter',
            $set($talk->with(['cameras/a/lens' => 'prime-50', 'cameras/a/t_stop' => 2.0]), ['shutter_deg' => 90]), 'holds holds a',
            ['off' => 0.029],
        ],
    ],
    'camera-is-square' => [
        [
            'square', Plans::room(8, 7)->sitter('ann', 4, 4.4)->camera('a', 4, 1.6, null, $free(0.5)), 'holds holds a',
            ['off' => '0.5°', 'wall' => 'far wall'],
        ],
        [
            'nearly', Plans::room(8, 7)->sitter('ann', 4, 4.4)->camera('a', 4, 1.6, null, $free(0.7)), 'watch fails a',
            ['off' => '0.7°'], 'square',
        ],
        [
            'nearly, at its widest', Plans::room(8, 7)->sitter('ann', 4, 4.4)->camera('a', 4, 1.6, null, $free(3.9)), 'watch fails a',
            [], 'square',
        ],
        [
            'at an angle', Plans::room(8, 7)->sitter('ann', 4, 4.4)->camera('a', 4, 1.6, null, $free(4.1)), 'holds angled a',
            ['off' => '4.1°'],
        ],
        [
            'at an angle, where all is locked',
            Plans::room(8, 7)->sitter('ann', 4, 4.4)->camera('a', 4, 1.6, null, $free(30))->with($school('support', 'locked')),
            'watch fails a', [], 'square',
        ],
        [
            'on somebody, nearly',
            Plans::room(8, 7)
                ->sitter('ann', 4, 4.4)
                ->camera('a', 4.1, 1.6, null, ['aim' => ['mode' => 'eyes', 'subject' => 'ann', 'side' => 'centred']]),
            'watch fails a', ['off' => '2.1°'], 'square-around',
        ],
        ['carried', Plans::room(8, 7)->sitter('ann', 4, 4.4)->camera('a', 4, 1.6, null, $free(2) + ['support' => 'shoulder']), ''],
    ],
    'camera-outlasts-the-take' => [
        ['without a limit', $talk->with(['progress' => [['id' => 'p', 'name' => 'all', 'minutes' => 90]]]), ''],
        [
            'half an hour is long enough for a half hour',
            $talk
                ->with([
                    'cameras/a/body' => 'full-body', 'cameras/a/mode' => 'whole',
                    'progress' => [['id' => 'p', 'name' => 'all', 'minutes' => 30]],
                ]),
            'holds holds a', ['limit' => 30, 'take' => 30],
        ],
        [
            'a minute more, and nobody at it',
            $talk
                ->with([
                    'cameras/a/body' => 'full-body', 'cameras/a/mode' => 'whole',
                    'progress' => [['id' => 'p', 'name' => 'all', 'minutes' => 31]],
                ]),
            'breaks alone a', ['take' => 31],
        ],
        [
            'a minute more, with somebody there',
            $talk
                ->with([
                    'cameras/a/body' => 'full-body', 'cameras/a/mode' => 'whole', 'cameras/a/operator' => 'Dee',
                    'progress' => [['id' => 'p', 'name' => 'all', 'minutes' => 31]],
                ]),
            'watch fails a',
        ],
        [
            'two stretches with a break between',
            $talk
                ->with([
                    'cameras/a/body' => 'full-body', 'cameras/a/mode' => 'whole',
                    'progress' => [
                        ['id' => 'p', 'name' => 'one', 'minutes' => 20],
                        ['id' => 'q', 'name' => 'two', 'minutes' => 20, 'break_before' => true],
                    ],
                ]),
            'holds holds a', ['take' => 20],
        ],
        ['nobody has said how long', $talk->with(['cameras/a/body' => 'full-body', 'cameras/a/mode' => 'whole']), ''],
    ],
    'eyelines-match' => [
        [
            'across a table', $pair->camera('a', 4.4, 1.6, 'cy', ['focal_mm' => 50])->camera('b', 3.6, 1.6, 'ann', ['focal_mm' => 50]),
            'holds holds a+b', ['ratio' => 1.0],
        ],
        ['from both sides of the line', $pair->camera('a', 4.4, 1.6, 'cy')->camera('b', 3.6, 6.4, 'ann'), 'breaks same-way a+b'],
        [
            'one far in profile', $pair->camera('a', 4.4, 1.6, 'cy')->camera('b', 2.4, 1.6, 'ann'), 'watch fails a+b', [],
            'swing-counter 24°',
        ],
        [
            'of one size', $pair->camera('a', 4.4, 1.6, 'cy')->camera('b', 3.6, 1.6, 'ann', ['focal_mm' => 61]), 'holds holds a+b',
            ['ratio' => [1.22, 0.02]],
        ],
        [
            'of two sizes', $pair->camera('a', 4.4, 1.6, 'cy')->camera('b', 3.6, 1.6, 'ann', ['focal_mm' => 65]), 'watch sizes a+b',
            ['ratio' => [1.3, 0.02]], 'zoom 50 mm',
        ],
        [
            'only one looks back',
            $pair->camera('a', 4.4, 1.6, 'cy')->camera('b', 3.6, 1.6, 'ann')->with(['subjects/cy/looks_at' => 'a']), '',
        ],
        ['no talk', $pair->camera('a', 4.4, 1.6, 'cy')->camera('b', 3.6, 1.6, 'ann')->with(['work' => 'performance, several cameras']), ''],
    ],
    'face-keeps-its-shape' => [
        ['from afar', $talk, 'holds holds a+ann', ['distance' => [2.78, 0.1]]],
        ['at a metre and a quarter', $talk->with(['cameras/a/y_m' => 3.0]), 'holds holds a+ann'],
        ['at a metre', $talk->with(['cameras/a/y_m' => 3.3]), 'watch fails a+ann', ['limit' => 1.2], 'back-and-zoom 20 cm 59.6 mm'],
        [
            'at two feet', $talk->with(['cameras/a/y_m' => 3.65]), 'breaks fails a+ann', ['stretch' => [0.19, 0.03]],
            'back-and-zoom 55 cm 70 mm',
        ],
        [
            'by a limit of one’s own', $talk->with(['/brief/limits/face_watch_m' => 3.0]), 'watch fails a+ann', ['limit' => 3.0],
            'back-and-zoom 30 cm 55.4 mm',
        ],
        ['on its way', $moving($talk, $mark(0, 4, 1.6), $mark(10, 4, 3.3), $mark(20, 4, 1.6)), 'watch moving a+ann', ['at' => '0:10.0']],
        ['on a way that stays far', $moving($talk, $mark(0, 4, 1.6), $mark(10, 4.5, 1.8)), 'holds holds a+ann'],
    ],
    'frame-is-clear' => [
        ['clear', $two, 'holds holds a'],
        // A's frame is 24 mm wide at 50 mm: 24 cm to a side a metre ahead.
        [
            'a lamp just outside',
            $talk
                ->lamp(
                    'l', 4.95, 3.4, null,
                    ['fixture' => 'panel-60', 'aim_x_m' => 4.95, 'aim_y_m' => 9, 'aim_height_m' => 1.8, 'stand' => 'clamp'],
                ),
            'holds holds a',
        ],
        [
            'a lamp just inside',
            $talk
                ->lamp(
                    'l', 4.6, 3.4, null,
                    [
                        'fixture' => 'panel-60', 'aim_x_m' => 4.6, 'aim_y_m' => 9, 'aim_height_m' => 1.8, 'height_m' => 1.3,
                        'stand' => 'clamp',
                    ],
                ),
            'breaks fails a+l', ['side' => 'right'], 'move 28 cm',
        ],
        ['B in A', $talk->camera('b', 4.2, 3.0), 'breaks fails a+b', [], 'lower 30 cm'],
        ['one who asks, in A', $talk->with(['subjects/bo/x_m' => 4.1, 'subjects/bo/y_m' => 2.6]), 'breaks fails a+bo', [], 'move 43 cm'],
        [
            'a lamp that hangs in from above',
            $talk
                ->lamp(
                    'l', 4, 3.4, null,
                    [
                        'fixture' => 'panel-60', 'aim_x_m' => 4, 'aim_y_m' => 9, 'aim_height_m' => 1.5, 'height_m' => 1.5,
                        'stand' => 'clamp',
                    ],
                ),
            'breaks raise a+l', ['side' => 'top'], 'raise 8 cm',
        ],
        [
            'what stands on the floor goes sideways', $talk->thing('box', 4, 3.4, 0.6, 0.3, 1.0, ['keep_out' => true]),
            'breaks fails a+box', ['side' => 'left'], 'move 68 cm',
        ],
        ['furniture may show', $talk->thing('box', 4, 3.4, 0.6, 0.6, 1.0), 'holds holds a'],
        ['behind something', $talk->camera('b', 4.2, 6.5)->thing('screen', 4, 5.4, 3.0, 0.1, 2.2), 'holds holds a'],
        ['by a lamp of the other setup here', $talk->second('two', ['lights' => [$tall]]), 'holds holds a'],
        ['in the other setup here', $talk->second('two', ['lights' => [$tall]])->in('two'), 'breaks lower a+tall', [], 'move 59 cm'],
    ],
    'frames-differ' => [
        [
            'of another size and angle', $two->with(['cameras/b/focal_mm' => 30]), 'holds holds a+b',
            ['ratio' => [1.62, 0.02], 'angle' => [37, 1]],
        ],
        [
            'of a size that is hardly another', $two->with(['cameras/b/focal_mm' => 31]), 'watch fails a+b', ['ratio' => [1.57, 0.02]],
            'zoom 29.7 mm',
        ],
        [
            'of another size alone', $talk->camera('b', 4.3, 1.7, 'ann', ['focal_mm' => 28]), 'watch fails a+b',
            ['ratio' => [1.7, 0.12]], 'swing-clockwise 36°',
        ],
        [
            'from another angle alone', $talk->camera('b', 5.8, 2.3, 'ann', ['focal_mm' => 50]), 'watch fails a+b',
            ['angle' => [40, 3]], 'zoom 30.4 mm',
        ],
        ['alike', $talk->camera('b', 4.3, 1.7, 'ann', ['focal_mm' => 50]), 'breaks fails a+b'],
        [
            'a size is enough, by the school',
            $talk->camera('b', 4.3, 1.7, 'ann', ['focal_mm' => 28])->with($school('cut', 'size-alone')), 'holds holds-size a+b',
        ],
        [
            'an angle is not, by the same', $talk->camera('b', 5.8, 2.3, 'ann', ['focal_mm' => 50])->with($school('cut', 'size-alone')),
            'breaks fails-size a+b', [], 'zoom 30.4 mm',
        ],
        [
            'an angle is enough, by the other',
            $talk->camera('b', 5.8, 2.3, 'ann', ['focal_mm' => 50])->with($school('cut', 'angle-alone')), 'holds holds-angle a+b',
        ],
        [
            'a size is not, by the other', $talk->camera('b', 4.3, 1.7, 'ann', ['focal_mm' => 28])->with($school('cut', 'angle-alone')),
            'breaks fails-angle a+b', [], 'swing-clockwise 36°',
        ],
        ['on two people', $pair->camera('a', 4.4, 1.6, 'cy')->camera('b', 3.6, 1.6, 'ann'), ''],
        ['of a size that is hardly smaller', $two->with(['cameras/b/focal_mm' => 66]), 'watch fails a+b'],
    ],
    'gaze-suits-the-lens' => [
        ['beside the lens', $talk, 'holds holds a+ann', ['angle' => [9, 2]]],
        ['nearly into it', $talk->with(['subjects/bo/x_m' => 4.1]), 'watch too-near a+ann', ['angle' => [1.8, 1]], 'seat 8° 52 cm'],
        ['far round', $talk->with(['subjects/bo/x_m' => 5.9]), 'watch too-wide a+ann', ['limit' => 25], 'seat 15° 1.28 m'],
        ['just not too far', $talk->with(['subjects/bo/x_m' => 5.3]), 'holds holds a+ann'],
        [
            'not into the lens, by the school', $talk->with($school('gaze', 'into-lens')), 'breaks not-into-lens a+ann', ['limit' => 3],
            'look-into',
        ],
        [
            'a little off, by the school', $talk->with(['subjects/bo/x_m' => 4.25] + $school('gaze', 'into-lens')),
            'watch not-into-lens a+ann', [], 'look-into',
        ],
        [
            'into the lens, by the school', $talk->with(['subjects/ann/looks_at' => 'a'] + $school('gaze', 'into-lens')),
            'holds holds a+ann', ['angle' => 0],
        ],
        ['two who talk, from the side', $pair->camera('a', 4.4, 1.6, 'cy'), 'holds two a+cy'],
        ['two who talk, in profile', $pair->camera('a', 5.2, 1.6, 'cy'), 'watch profile a+cy', ['limit' => 50], 'swing-clockwise 16°'],
        ['music', $talk->with(['work' => 'performance, several cameras']), ''],
    ],
    'lamps-do-not-flicker' => [
        ['house lamps at 50 Hz, a 180° shutter at 25', $house, 'holds holds a', ['mains' => '50 Hz']],
        [
            'a shutter off the mains', $house->with(['cameras/a/settings/shutter_deg' => 172.8]), 'watch fails a', ['angle' => '180°'],
            'set-shutter',
        ],
        [
            'house lamps that go off',
            $house->with(['/locations/room/scouted/colour/tubes/plan' => 'switch off', 'cameras/a/settings/shutter_deg' => 172.8]), '',
        ],
        [
            'daylight alone',
            $house->with(['/locations/room/scouted/colour/tubes/name' => 'daylight', 'cameras/a/settings/shutter_deg' => 172.8]), '',
        ],
        [
            'at 60 Hz a 180° shutter at 25 pulses', $house->with(['/locations/room/facts/mains' => '60 Hz']), 'watch fails a', [],
            'set-shutter',
        ],
    ],
    'lens-focuses-this-near' => [
        ['far enough', $talk, 'holds holds a+ann', ['limit' => 0.38]],
        [
            'a long zoom at a metre and a quarter',
            $talk->with(['cameras/a/lens' => 'zoom-70-200', 'cameras/a/focal_mm' => 70, 'cameras/a/y_m' => 3.05]), 'holds holds a+ann',
            ['limit' => 1.2],
        ],
        [
            'the only lens of the kit',
            $talk
                ->with([
                    'cameras/a/lens' => 'zoom-70-200', 'cameras/a/focal_mm' => 70, 'cameras/a/y_m' => 3.2,
                    '/kit/lenses' => array_values(
                        array_filter($talk->document()['kit']['lenses'], static fn (array $l): bool => $l['id'] === 'zoom-70-200'),
                    ),
                ]),
            'breaks fails a+ann', [], 'back 10 cm',
        ],
        [
            'a long zoom a hand nearer',
            $talk->with(['cameras/a/lens' => 'zoom-70-200', 'cameras/a/focal_mm' => 70, 'cameras/a/y_m' => 3.2]), 'breaks fails a+ann',
            ['distance' => [1.1, 0.08]], 'lens',
        ],
    ],
    'line-is-kept' => [
        ['on the other side', $talk->camera('b', 5.5, 2.5), 'breaks fails b', [], 'cross-back'],
        ['on A’s side', $talk->camera('b', 2.5, 2.5), 'holds holds b'],
        ['into the lens there is no line', $talk->camera('b', 5.5, 2.5)->with($school('gaze', 'into-lens')), ''],
        ['music has none', $talk->camera('b', 5.5, 2.5)->with(['work' => 'performance, several cameras']), ''],
        ['one camera', $talk, ''],
        ['nobody to look at', Plans::room(8, 7)->sitter('ann', 4, 4.4)->camera('a', 4, 1.6)->camera('b', 5.5, 2.5), ''],
    ],
    'looking-room-is-ahead' => [
        ['ahead', $talk, 'holds holds a+ann', ['side' => 'right']],
        ['even', $talk->with(['cameras/a/aim/side' => 'centred']), 'holds holds a+ann', ['ahead' => 0.5]],
        [
            'behind', $talk->with(['cameras/a/aim' => ['mode' => 'eyes', 'subject' => 'ann', 'side' => 'left', 'lead' => 0.3]]),
            'breaks fails a+ann', [], 'aim-ahead',
        ],
        [
            'a little behind',
            $talk->with(['cameras/a/aim' => ['mode' => 'eyes', 'subject' => 'ann', 'side' => 'left', 'lead' => 0.08]]),
            'watch fails a+ann', [], 'aim-ahead',
        ],
        ['into the lens there is no ahead', $talk->with($school('gaze', 'into-lens')), ''],
        [
            'a look that has no side',
            $talk
                ->with([
                    'subjects/bo/x_m' => 4.1,
                    'cameras/a/aim' => ['mode' => 'eyes', 'subject' => 'ann', 'side' => 'left', 'lead' => 0.3],
                ]),
            'holds holds a+ann',
        ],
        [
            'a look a little aside of the lens',
            $talk
                ->with(
                    [
                        'subjects/bo/x_m' => 4.24, 'subjects/bo/y_m' => 1.4,
                        'cameras/a/aim' => ['mode' => 'eyes', 'subject' => 'ann', 'side' => 'left', 'lead' => 0.3],
                    ],
                ),
            'breaks fails a+ann',
        ],
        [
            'in the middle but for a little',
            $talk->with(['cameras/a/aim' => ['mode' => 'eyes', 'subject' => 'ann', 'side' => 'left', 'lead' => 0.034]]),
            'watch fails a+ann',
        ],
    ],
    'nothing-distracts' => [
        ['whoever is at B, behind a screen', $screened, 'holds holds ann'],
        ['the same on a stage, over it', $screened->with($stage), 'watch fails ann', ['who' => 'Dee']],
        ['one face to speak to', $talk, 'holds holds ann'],
        ['somebody else within sight', $talk->interviewer('cy', 3.4, 2.4), 'watch fails ann', ['who' => 'Cy'], 'move 91 cm'],
        ['out of sight', $talk->interviewer('cy', 1.2, 3.6), 'holds holds ann'],
        ['whoever is at B', $talk->camera('b', 3.2, 1.6, 'ann', ['operator' => 'Dee']), 'watch fails ann', ['who' => 'Dee']],
        [
            'into the lens, the one who asks', $talk->with(['subjects/ann/looks_at' => 'a'] + $school('gaze', 'into-lens')),
            'watch hide ann', ['who' => 'Bo'], 'move 3.22 m',
        ],
        ['music', $talk->interviewer('cy', 3.4, 2.4)->with(['work' => 'performance, several cameras']), ''],
    ],
    'patterns-do-not-shimmer' => [
        // 50 mm at 2.86 m: 4096 / 24 · 50 / 2860 = 2.98 pixels a millimetre.
        ['coarse', $wears(1.5), 'holds holds a+ann+shirt', ['pixels' => [4.5, 0.1]]],
        ['fine', $wears(1.2), 'watch fails a+ann+shirt', ['pixels' => [3.6, 0.1]], 'zoom 55 mm'],
        ['finer', $wears(0.4), 'watch fails a+ann+shirt', ['pixels' => [1.2, 0.05]]],
        ['so fine that it blurs', $wears(0.3), 'holds blurred a+ann+shirt', ['pixels' => [0.9, 0.05]]],
        ['plain', $wears(0), ''],
        [
            'on a chair at the edge of the frame',
            $talk
                ->thing('chair', 4.9, 4.6, 0.3, 0.3, 1.0, ['base_m' => 0.6])
                ->row('colours', ['id' => 'weave', 'name' => 'weave', 'on' => 'chair', 'colour' => '#8090a0', 'pattern_mm' => 1.2]),
            'watch fails a+chair+weave',
        ],
        [
            'on a chair beside the frame',
            $talk
                ->thing('chair', 5.1, 4.6, 0.3, 0.3, 1.0, ['base_m' => 0.6])
                ->row('colours', ['id' => 'weave', 'name' => 'weave', 'on' => 'chair', 'colour' => '#8090a0', 'pattern_mm' => 1.2]),
            '',
        ],
    ],
    'pictures-reach-everyone' => [
        ['by cable', $watches(['camera' => 'a', 'by' => 'cable', 'screen_in' => 7, 'from_m' => 0.4]), 'holds holds v'],
        ['of no camera', $watches(['camera' => '', 'by' => 'cable']), 'breaks none v'],
        // A seven-inch screen is 8.7 cm high: 4.8 times that is 42 cm.
        [
            'too far to judge focus', $watches(['camera' => 'a', 'by' => 'cable', 'screen_in' => 7, 'from_m' => 0.43]), 'watch small v',
            ['near' => [0.418, 0.002]],
        ],
        [
            'a third picture of two outputs',
            $watches(['camera' => 'a', 'by' => 'cable'])
                ->row('views', ['id' => 'w', 'name' => 'w', 'camera' => 'a', 'by' => 'cable'])
                ->row('views', ['id' => 'x', 'name' => 'x', 'camera' => 'a', 'by' => 'wireless']),
            'breaks outputs x', ['outputs' => '2'],
        ],
        [
            'out of earshot', $watches(['camera' => 'a', 'by' => 'wireless', 'from_m' => 6])->with(['cameras/a/operator' => 'Dee']),
            'watch unheard v',
        ],
        [
            'out of earshot, and talking back',
            $watches(['camera' => 'a', 'by' => 'wireless', 'from_m' => 6, 'talks_back' => true])->with(['cameras/a/operator' => 'Dee']),
            'holds holds v',
        ],
        ['out of earshot of nobody', $watches(['camera' => 'a', 'by' => 'wireless', 'from_m' => 6]), 'holds holds v'],
    ],
    'prompter-can-be-read' => [
        // 12 mm letters at 20 minutes of arc: 2.06 m.
        ['read from two metres', $reads(2.35), 'holds holds a+ann', ['most' => [2.06, 0.01]]],
        ['read from farther', $reads(2.05), 'watch fails a+ann', ['letter' => [12.4, 0.15]], 'prompter'],
        ['and looked past', $reads(2.35)->with(['subjects/ann/looks_at' => 'bo']), 'watch unlooked a+ann', [], 'look-into'],
        ['none there', $talk, ''],
    ],
    'rate-is-had' => [
        ['as fast as it goes', $set($talk, ['fps' => 60])->with(['cameras/a/mode' => 'whole']), ''],
        [
            'faster, by another mode', $set($talk, ['fps' => 100])->with(['cameras/a/mode' => 'whole']), 'breaks fails a',
            ['crop' => '1.50×', 'most' => '60'], 'set-mode',
        ],
        ['faster than any', $set($talk, ['fps' => 150])->with(['cameras/a/mode' => 'whole']), 'breaks none a'],
    ],
    'reflections-are-clear' => [
        ['a pane that shows the camera', $hung('framed glass', 0), 'watch glass a+pane+a', [], 'turn-clockwise 10°'],
        ['a mirror that shows it', $hung('mirror', 0), 'breaks fails a+pane+a', [], 'turn-clockwise 10°'],
        [
            'a mirror that shows another camera', $hung('mirror', 6)->camera('b', 2.2, 1.6, null, $free(0)), 'breaks fails a+pane+b',
            [], 'turn-counter 6°',
        ],
        ['a mirror turned away', $hung('mirror', 40), ''],
        ['dull', $hung('matt', 0), ''],
        [
            'a window at night',
            Plans::room(8, 7)
                ->sitter('ann', 4, 4.4)
                ->window('w', 'far', 2.2, 1.6)
                ->camera('a', 4, 1.6, null, ['aim' => ['mode' => 'free', 'bearing_deg' => 0, 'tilt_deg' => 0], 'x_m' => 5])
                ->lamp('l', 5.2, 2.4, null, ['fixture' => 'panel-60', 'aim_x_m' => 5, 'aim_y_m' => 6.9, 'aim_height_m' => 1.4]),
            'watch window a+w+l', [], 'draw-curtain',
        ],
    ],
    'second-lies-under-first' => [
        ['a lens under the first', $stack(0.8), 'holds holds a+b'],
        ['so low that it looks up', $stack(0.5), 'watch fails a+b', ['limit' => 12], 'raise 52 cm'],
        ['in its frame or its hood', $stack(1.05), 'breaks meets a+b', [], 'lower 3 cm'],
        [
            'under a tripod, whose legs it sees', $stack(0.8)->with(['cameras/a/support' => 'tripod', 'cameras/b/focal_mm' => 24]),
            'breaks no-place a+b',
        ],
        ['beside it', $talk->camera('b', 4.8, 1.6), ''],
    ],
    'settings-agree' => [
        ['alike', $two, 'holds holds a+b', ['count' => '2']],
        [
            'another rate', $two->with(['cameras/b/settings/fps' => 50]), 'breaks fps b+fps',
            ['set' => '50 a second', 'others' => '25 a second'], 'set-alike',
        ],
        ['another shutter', $two->with(['cameras/b/settings/shutter_deg' => 90]), 'breaks shutter_deg b+shutter_deg', [], 'set-alike'],
        [
            'another white', $two->with(['cameras/b/settings/white_balance_k' => 3200]), 'watch white_balance_k b+white_balance_k', [],
            'set-alike',
        ],
        ['another look', $two->with(['cameras/b/settings/profile' => 'flat']), 'watch profile b+profile', [], 'set-alike'],
        [
            'of three, the odd one', $two->camera('c', 2.2, 2.2, 'ann')->with(['cameras/a/settings/fps' => 50]), 'breaks fps a+fps',
            ['others' => '25 a second'], 'set-alike',
        ],
        ['one camera', $talk, ''],
    ],
    'subject-stays-in-focus' => [
        ['within depth', $talk->with(['subjects/ann/sway_m' => 0.05]), 'holds holds a+ann'],
        ['at its edge', $talk->with(['subjects/ann/sway_m' => 0.14]), 'watch fails a+ann', [], 'stop-down T3.2'],
        ['far beyond', $talk->with(['subjects/ann/sway_m' => 0.4]), 'breaks fails a+ann', [], 'stop-down-and-iso T10.0 9510'],
        ['stopped down', $talk->with(['subjects/ann/sway_m' => 0.14, 'cameras/a/t_stop' => 8.0]), 'holds holds a+ann'],
        [
            'on a longer lens',
            $talk->with(['subjects/ann/sway_m' => 0.05, 'cameras/a/lens' => 'zoom-70-200', 'cameras/a/focal_mm' => 135]),
            'breaks fails a+ann', [], 'stop-down-and-iso T8.0 6090',
        ],
        [
            'a deep frame that reaches to infinity',
            $talk
                ->with(
                    ['cameras/a/lens' => 'prime-24', 'cameras/a/focal_mm' => 24, 'cameras/a/t_stop' => 11.0, 'subjects/ann/sway_m' => 0.4],
                ),
            'holds holds a+ann',
        ],
        [
            'wide open on a fast lens',
            $talk->with(['cameras/a/lens' => 'prime-50', 'cameras/a/t_stop' => 1.5, 'subjects/ann/sway_m' => 0.1]), 'watch fails a+ann',
        ],
        ['half of it is in focus', $talk->with(['subjects/ann/sway_m' => 0.22]), 'watch fails a+ann'],
        ['hardly half of it', $talk->with(['subjects/ann/sway_m' => 0.27]), 'watch fails a+ann'],
    ],
    'talk-tightens' => [
        [
            'closer by the zoom', $talk->with(['progress' => [$part('p', 'medium'), $part('q', 'medium close-up', ['depth' => 3])]]),
            'holds holds p+q', ['count' => '2', 'minutes' => '0'],
        ],
        [
            'closer by another glass, in a break',
            $talk->with(['progress' => [$part('p', 'medium close-up'), $part('q', 'extreme close-up', ['break_before' => true])]]),
            'holds holds p+q', ['minutes' => '2'],
        ],
        [
            'closer by another glass, under their eyes',
            $talk->with(['progress' => [$part('p', 'medium close-up'), $part('q', 'extreme close-up')]]), 'watch no-break q', [],
            'break-before',
        ],
        [
            'closer than any glass',
            $talk->with(['subjects/ann/y_m' => 6.4, 'cameras/a/y_m' => 0.6, 'progress' => [$part('q', 'extreme close-up')]]),
            'breaks no-glass q',
        ],
        [
            'wider as it goes deeper',
            $talk->with(['progress' => [$part('p', 'medium close-up'), $part('q', 'medium', ['depth' => 4])]]), 'watch loosens q',
        ],
        ['nothing planned', $talk, ''],
    ],
    // A's 50 mm sees 48 cm across for each metre: at 2.8 m the frame is 1.34 m wide.
    'walk-stays-in-frame' => [
        ['nobody walks', $talk, ''],
        ['a little to the side', $walk($talk, 4.3, 4.4), 'holds holds a+ann+w'],
        ['out of the frame', $walk($talk, 5.4, 4.4), 'breaks leaves a+ann+w', [], 'zoom 25 mm'],
        ['out of the frame, with somebody to turn it', $walk($talk->with(['cameras/a/operator' => 'Cy']), 5.4, 4.4), 'holds holds a+ann+w'],
        ['toward the lens, wide open', $walk($talk, 4, 3.2), 'breaks soft a+ann+w', ['nearest' => 1.52]],
        ['toward the lens, and somebody pulls', $walk($talk->with(['cameras/a/operator' => 'Cy']), 4, 3.2), 'holds holds a+ann+w'],
        [
            'so fast that nobody can pull',
            $walk($talk->with(['cameras/a/operator' => 'Cy']), 4, 3.2, ['at_s' => 1]),
            'watch pull a+ann+w',
        ],
        [
            'slowly',
            $walk($talk->with(['cameras/a/operator' => 'Cy']), 4, 3.2, ['at_s' => 30]),
            'holds holds a+ann+w',
        ],
        ['nearer than the lens focuses', $walk($talk, 4, 1.9), 'breaks near a+ann+w', ['focuses' => 0.38]],
        ['a second leg, from where the first ends', $walk($talk, 4.3, 4.4)->row('walks', ['id' => 'v', 'person' => 'ann', 'to_x_m' => 5.4, 'to_y_m' => 4.4]),
            'breaks leaves a+ann+v'],
        ['whoever asks walks', $walk($talk, 5.5, 1.2, ['person' => 'bo']), ''],
    ],
];
