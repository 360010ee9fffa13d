<?php

declare(strict_types=1);

use FineFrame\Tests\Plans;

// Two who play, a camera locked on both, and one each.
$duo = Plans::room(10, 8)->stander('ann', 4, 5)->stander('bo', 6, 5)->with(['work' => 'performance, several cameras'])
    ->camera(
        'w',
        5,
        1,
        'ann',
        [
            'focal_mm' => 24,
            'role' => 'locked on everybody',
            'height_m' => 1.5,
            'aim' => ['mode' => 'free', 'bearing_deg' => 0, 'tilt_deg' => 0],
            'covers' => ['ann' => true, 'bo' => true],
        ],
    )
    ->camera('a', 4, 2, 'ann', ['height_m' => 1.5])->camera('b', 6, 2, 'bo', ['height_m' => 1.5]);
$school = static fn (string $question, string $answer): array => ["/brief/schools/$question" => $answer];
$post = static fn (Plans $plan, float $x, float $y, float $width = 0.4): Plans => $plan->thing('post', $x, $y, $width, 0.1, 2.2);
$mark = static fn (string $id, float $at, float $x, float $y, array $more = []): array => $more + [
    'id' => $id, 'name' => $id, 'at_s' => $at, 'x_m' => $x, 'y_m' => $y, 'height_m' => 1.5, 'focal_mm' => 35, 'subject' => 'ann',
];
$moving = static fn (Plans $plan, array $marks, array $more = [], string $support = 'gimbal'): Plans => $plan->with(
    ['cameras/a/support' => $support, 'moves' => [$more + ['id' => 'm', 'camera' => 'a', 'marks' => $marks]]],
);
// B alone on Bo.
$one = Plans::room(10, 8)
    ->stander('bo', 6, 5)
    ->with(['work' => 'performance, several cameras'])
    ->camera('b', 6, 2, 'bo', ['height_m' => 1.5]);
$solo = Plans::room(10, 8)
    ->stander('ann', 5, 5)
    ->with(['work' => 'performance, several cameras'])
    ->camera('a', 5, 2, 'ann', ['height_m' => 1.5, 'focal_mm' => 35]);
$slow = [$mark('one', 0, 5, 2), $mark('two', 10, 5, 3)];
$rigged = Plans::room(8, 7)->sitter('ann', 4, 5);
$at = static fn (float $x, float $y): Plans => $rigged->camera(
    'a',
    $x,
    $y,
    null,
    ['aim' => ['mode' => 'free', 'bearing_deg' => 0, 'tilt_deg' => 0]],
);

// A on its tripod, and how many there are of what it takes.
$filmed = $rigged->camera('a', 4, 2);
$counted = ['a-body' => 1, 'zoom-24-70' => 1, 'tripod' => 1];
$there = static fn (Plans $plan, array $counts, array ...$more): Plans => $plan->with(['/kit/stock' => [
    ...array_map(
        static fn (string $model, int $count): array => ['id' => $model, 'model' => $model, 'count' => $count],
        array_keys($counts),
        $counts,
    ),
    ...$more,
]]);
$hired = static fn (string $until): array => ['id' => 'hired', 'model' => 'tripod', 'count' => 1, 'whose' => 'hired', 'until' => $until];
$days = ['/brief/days' => [['id' => 'd', 'name' => 'd', 'date' => '2026-12-05', 'from' => '10:00', 'to' => '12:00']]];

return [
    'everyone-is-covered' => [
        ['one each', $duo, 'holds holds ann', ['cameras' => 'W, A']],
        [
            'nobody on one',
            $duo
                ->with([
                    'cameras/w/covers' => [], 'cameras/b/aim/subject' => 'ann',
                    'cameras/a/aim' => ['mode' => 'free', 'bearing_deg' => 0, 'tilt_deg' => 0],
                ]),
            'breaks nobody bo', [], 'cover',
        ],
        [
            'two on the other', $duo->with(['cameras/w/covers' => [], 'cameras/b/aim/subject' => 'ann']), 'breaks doubled bo',
            ['other' => 'Ann'], 'cover',
        ],
        ['only from behind', $duo->with(['cameras/w/covers' => [], 'subjects/bo/facing_deg' => 0]), 'breaks unseen bo'],
        ['only past a post', $post($duo->with(['cameras/w/covers' => []]), 6, 3), 'breaks unseen bo', [], 'swing-clockwise 8°'],
        ['a talk', $duo->with(['work' => 'talk']), ''],
        ['nobody films', Plans::room()->stander('ann', 3, 3)->with(['work' => 'performance, several cameras']), ''],
    ],
    'safety-holds' => [
        ['all on a locked camera', $duo, 'holds holds w'],
        ['one outside its frame', $duo->with(['cameras/w/focal_mm' => 60]), 'breaks misses w'],
        ['one hidden from it', $post($duo, 5.5, 3), 'breaks misses w', ['missing' => 'Bo']],
        ['none is locked', $duo->with(['cameras/w/role' => 'roving']), 'breaks none one', [], 'lock'],
        ['locked, and on a shoulder', $duo->with(['cameras/w/support' => 'shoulder']), 'breaks none one'],
        [
            'none, and one uncut take', $duo->with(['cameras/w/role' => 'roving'] + $school('coverage', 'one-take')), 'watch none one',
            [], 'lock',
        ],
        ['a talk', $duo->with(['work' => 'talk']), ''],
    ],
    'sight-is-clear' => [
        ['nothing between', $duo, ''],
        ['a post before the face', $post($duo, 6, 3), 'breaks fails b+bo+post', ['share' => [1.0, 0.05]], 'swing-clockwise 8°'],
        // B’s head is about 16 cm wide; the post stands half way and takes its left half but for a bit.
        [
            'a post before a part of it', $post($one, 5.965, 3.5, 0.06), 'watch fails b+bo+post', ['share' => [0.45, 0.1]],
            'swing-clockwise 8°',
        ],
        [
            'a music stand of one’s own',
            $solo->with(['subjects/ann/plays' => 'voice, at a stand', 'cameras/a/y_m' => 2.8, 'cameras/a/height_m' => 0.4]),
            'breaks fails a+ann', ['thing' => 'the instrument'], 'swing-clockwise 24°',
        ],
        ['a post beside it', $post($one, 5.7, 3.5, 0.2), ''],
        ['a post before whom it is not on', $post($duo->with(['cameras/w/covers' => []]), 5, 3.2, 0.1), ''],
        [
            'at a mark of its way', $post($moving($duo, [$mark('one', 0, 4, 2), $mark('two', 10, 2, 2)]), 3, 3.5),
            'breaks moving a+ann+post', ['at' => '0:10.0'],
        ],
    ],
    'take-can-be-walked' => [
        ['slowly', $moving($solo, $slow), 'holds holds a', ['speed' => 0.1]],
        [
            'at a run', $moving($solo, [$mark('one', 0, 5, 2), $mark('two', 1.2, 5, 3)]), 'watch fails a',
            ['speed' => [0.833, 0.005], 'limit' => 0.8], 'slower 1.50 s',
        ],
        ['just not', $moving($solo, [$mark('one', 0, 5, 2), $mark('two', 1.3, 5, 3)]), 'holds holds a'],
        [
            'back into a table', $moving($solo, [$mark('one', 0, 5, 3), $mark('two', 10, 5, 2)])->thing('table', 5, 1.0, 1, 0.8, 0.75),
            'breaks bump a', ['thing' => 'table'],
        ],
        ['back into the wall', $moving($solo, [$mark('one', 0, 5, 3), $mark('two', 10, 5, 0.7)]), 'breaks bump a', ['thing' => 'the wall']],
        [
            'by nobody, on a rail', $moving($solo, [$mark('one', 0, 5, 2), $mark('two', 10, 5.7, 2)], [], 'slider-08'), 'holds holds a',
            ['rail' => 0.8],
        ],
        [
            'past the end of the rail', $moving($solo, [$mark('one', 0, 5, 2), $mark('two', 10, 5.9, 2)], [], 'slider-08'),
            'breaks rail a', ['way' => 0.9],
        ],
        ['as far as the tether', $moving($solo, $slow, ['cable_m' => 3, 'cable_x_m' => 2.1, 'cable_y_m' => 2.5]), 'holds holds a'],
        [
            'farther than the tether', $moving($solo, $slow, ['cable_m' => 2.9, 'cable_x_m' => 2.1, 'cable_y_m' => 2.5]),
            'breaks cable a', ['far' => [2.94, 0.01]], 'longer-cable 4.00 m',
        ],
        ['nothing moves', $solo, ''],
        ['past a stand', $moving($solo, [$mark('one', 0, 5, 2), $mark('two', 10, 5, 3)])->lamp('l', 5.45, 2.3), 'breaks bump a'],
        ['under a shelf', $moving($solo, $slow)->thing('shelf', 5, 2.4, 0.6, 0.4, 0.3, ['base_m' => 2.0]), 'holds holds a'],
        ['under a low shelf', $moving($solo, $slow)->thing('shelf', 5, 2.4, 0.6, 0.4, 0.3, ['base_m' => 1.7]), 'breaks bump a'],
    ],
    'take-keeps-focus' => [
        ['a slow pull', $moving($solo, $slow), 'holds holds a'],
        [
            'a fast one on a long lens',
            $moving(
                $solo->with(['cameras/a/lens' => 'zoom-70-200', 'cameras/a/focal_mm' => 135]),
                [$mark('one', 0, 5, 1, ['focal_mm' => 135]), $mark('two', 10, 5, 2.5, ['focal_mm' => 135])],
            ),
            'watch fails a', ['mark' => 'two'],
        ],
        [
            'a little fast', $moving($solo, [$mark('one', 0, 5, 1.6, ['focal_mm' => 50]), $mark('two', 2, 5, 2.2, ['focal_mm' => 50])]),
            'watch fails a', ['pull' => [1.017, 0.01]], 'slower 2.50 s',
        ],
        [
            'by a wider limit',
            $moving(
                $solo->with(['cameras/a/lens' => 'zoom-70-200', 'cameras/a/focal_mm' => 135]),
                [$mark('one', 0, 5, 1, ['focal_mm' => 135]), $mark('two', 10, 5, 2.5, ['focal_mm' => 135])],
            )
                ->with(['/brief/limits/pull_watch' => 20]),
            'holds holds a',
        ],
        [
            'nearer than it focuses',
            $moving(
                $solo->with(['cameras/a/lens' => 'zoom-70-200', 'cameras/a/focal_mm' => 70]),
                [$mark('one', 0, 5, 2, ['focal_mm' => 70]), $mark('two', 10, 5, 4, ['focal_mm' => 70])],
            ),
            'breaks near a', ['mark' => 'two', 'nearest' => 1.2],
        ],
    ],
    'take-stays-clean' => [
        ['a clean way', $moving($solo, $slow), 'holds holds a'],
        ['a lamp on the way', $moving($solo, [$mark('one', 0, 5, 2), $mark('two', 10, 3.4, 3)])->lamp('l', 6.6, 5.6), 'breaks fails a+l'],
        ['by another camera', $moving($duo, [$mark('one', 0, 4, 2), $mark('two', 10, 5, 3.6)]), 'breaks seen w+a'],
        ['a lamp that stays behind it', $moving($solo, $slow)->lamp('l', 6.5, 1), 'holds holds a'],
        [
            'a lamp between two marks',
            $moving($solo, [$mark('one', 0, 5, 2), $mark('two', 10, 4.2, 2.4), $mark('three', 20, 3.2, 3.2)])->lamp('l', 7.0, 5.0),
            'breaks fails a+l',
        ],
        ['a lamp at the end', $moving($solo, [$mark('one', 0, 5, 2), $mark('two', 10, 4.0, 2.6)])->lamp('l', 6.4, 6.2), 'breaks fails a+l'],
    ],
    'stand-fits-its-place' => [
        // A tripod's legs reach 42 cm; 2 cm more are kept clear. Its foot is 20 cm behind the lens.
        ['off the wall', $at(0.45, 2), 'holds holds a', ['radius' => 0.42]],
        ['into the wall', $at(0.43, 2), 'breaks fails a', ['what' => 'left wall', 'distance' => 0.01], 'move 3 cm'],
        ['through the wall', $at(4, 0.15), 'breaks wall a'],
        ['beside a table', $at(2.95, 2)->thing('table', 2, 2, 1, 1, 0.75), 'holds holds a'],
        [
            'into a table', $at(2.93, 2)->thing('table', 2, 2, 1, 1, 0.75), 'breaks fails a', ['what' => 'table', 'distance' => 0.01],
            'move 3 cm',
        ],
        ['under a shelf', $rigged->camera('a', 2.9, 2)->thing('shelf', 2, 2, 1, 1, 0.3, ['base_m' => 1.2]), 'holds holds a'],
        ['in somebody’s lap', $rigged->camera('a', 4, 2)->sitter('bo', 4.2, 2.5), 'breaks fails a', ['what' => 'Bo'], 'move 6 cm'],
        ['two stands threaded', $rigged->camera('a', 4, 2)->lamp('l', 4.6, 2), 'holds holds a'],
        ['two stands in one another', $rigged->camera('a', 4, 2)->lamp('l', 4.2, 2), 'breaks fails a', ['what' => 'L'], 'move 16 cm'],
        [
            'a clamp on a shelf',
            $rigged->thing('shelf', 4, 2, 1, 0.4, 1.6)->lamp('l', 4.2, 2.1, null, ['stand' => 'clamp', 'height_m' => 1.7]),
            'holds bites l', ['what' => 'shelf'],
        ],
        [
            'a clamp in the air', $rigged->lamp('l', 4.2, 2.1, null, ['stand' => 'clamp', 'height_m' => 1.7]), 'breaks hangs l',
            ['reach' => 0.35], 'put-on',
        ],
        [
            'legs in the other setup here',
            $rigged
                ->camera('a', 4, 2)
                ->second(
                    'two',
                    [
                        'lights' => [[
                            'id' => 'l', 'name' => 'L', 'fixture' => 'panel-60', 'stand' => 'light-stand', 'x_m' => 4.2, 'y_m' => 2,
                            'height_m' => 1.3, 'subject' => 'ann',
                        ]],
                    ],
                ),
            'holds holds a',
        ],
    ],
    'stock-suffices' => [
        ['nobody counts', $filmed, ''],
        ['nothing placed', $there($rigged, ['a-body' => 1]), ''],
        ['one of each', $there($filmed, $counted), 'holds holds', ['count' => 3]],
        ['a lens nobody counted', $there($filmed, array_diff_key($counted, ['zoom-24-70' => 1])), 'watch uncounted'],
        ['a lens that is listed, and not counted', $filmed->with(['/kit/stock' => [
            ['id' => 'l', 'model' => 'zoom-24-70', 'whose' => 'own'], ['id' => 'b', 'model' => 'a-body', 'count' => 1],
            ['id' => 't', 'model' => 'tripod', 'count' => 1],
        ]]), 'watch uncounted'],
        ['one tripod for two', $there($filmed->camera('b', 6, 2, null, ['lens' => 'prime-35', 'focal_mm' => 35, 'body' => 'phone']), $counted
            + ['prime-35' => 1, 'phone' => 1]), 'breaks fails a+b+tripod', ['needed' => 2, 'there' => 1, 'short' => 1]],
        ['and a small one at home', $there($filmed->camera('b', 6, 2, null, ['lens' => 'prime-35', 'focal_mm' => 35, 'body' => 'phone']), $counted
            + ['prime-35' => 1, 'phone' => 1, 'small-tripod' => 1]), 'breaks fails a+b+tripod', ['short' => 1], 'take-model'],
        ['two rows of one model', $there($filmed->camera('b', 6, 2, null, ['lens' => 'prime-35', 'focal_mm' => 35, 'body' => 'phone']), $counted
            + ['prime-35' => 1, 'phone' => 1], ['id' => 'lent', 'model' => 'tripod', 'count' => 1, 'whose' => 'borrowed']), 'holds holds', ['count' => 5]],
        ['a pair takes two', $there($filmed->row('pairs', ['name' => 'ab', 'model' => 'cardioid', 'x_m' => 3, 'y_m' => 3]), $counted
            + ['cardioid' => 1]), 'breaks fails pairs-1+cardioid', ['needed' => 2]],
        ['hands are not counted', $there($filmed->with(['cameras/a/support' => 'by-hand']), $counted), 'holds holds', ['count' => 2]],
        ['hired to the day itself', $there($filmed->with($days), array_diff_key($counted, ['tripod' => 1]), $hired('2026-12-05')), 'holds holds'],
        ['hired to the day before', $there($filmed->with($days), array_diff_key($counted, ['tripod' => 1]), $hired('2026-12-04')), 'breaks back a+tripod', ['there' => 0]],
        ['another crew at the same hours', $there($filmed->with(['from' => '10:00', 'to' => '12:00'] + $days), $counted)
            ->second('other', ['from' => '11:00', 'to' => '13:00']), 'breaks fails a+tripod', ['needed' => 2]],
        ['another setup afterwards', $there($filmed->with(['from' => '10:00', 'to' => '12:00'] + $days), $counted)
            ->second('other', ['from' => '12:00', 'to' => '13:00']), 'holds holds'],
        ['two setups of one line follow one another', $there($filmed->with($days), $counted)->second('other'), 'holds holds'],
    ],
    'support-reaches-its-height' => [
        // A tripod carries a load 55 to 175 cm over the floor; the lens is 9 cm over its head.
        ['as high as it goes', $rigged->camera('a', 4, 2, null, ['height_m' => 1.75]), 'holds holds a', ['highest' => 1.75]],
        ['a finger higher', $rigged->camera('a', 4, 2, null, ['height_m' => 1.76]), 'breaks fails a', [], 'lower 1 cm'],
        ['as low as it goes', $rigged->camera('a', 4, 2, null, ['height_m' => 0.55]), 'holds holds a'],
        ['a finger lower', $rigged->camera('a', 4, 2, null, ['height_m' => 0.54]), 'breaks fails a', ['lowest' => 0.55], 'raise 1 cm'],
        ['a lamp over its stand', $rigged->lamp('l', 4, 2, null, ['height_m' => 2.61]), 'breaks fails l', ['highest' => 2.6], 'lower 1 cm'],
        ['a boom’s stand', $rigged->boom('b', 4, 4, 1.9, ['stand_height_m' => 2.9]), 'breaks fails b', [], 'lower 10 cm'],
        ['a clamp has no height of its own', $rigged->lamp('l', 4, 2, null, ['height_m' => 2.9, 'stand' => 'clamp']), ''],
    ],
];
