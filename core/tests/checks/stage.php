<?php

declare(strict_types=1);

use FineFrame\Tests\Plans;

$talk = Plans::room(8, 7)->sitter('ann', 4, 4.4)->camera('a', 4, 1.6);
$colours = static fn (Plans $plan, string $clothes, string $wall): Plans => $plan
    ->row('colours', ['id' => 'shirt', 'name' => 'shirt', 'on' => 'ann', 'colour' => $clothes])
    ->row('colours', ['id' => 'paint', 'name' => 'paint', 'on' => 'far', 'colour' => $wall]);
$palette = static fn (Plans $plan, string $hex): Plans => $plan->with(
    ['/brief/swatches' => [['id' => 's', 'name' => 'sage', 'colour' => $hex]]],
);
$armchair = static fn (float $width, float $back, float $turned = 180): Plans => Plans::room(8, 7)->sitter(
    'ann',
    4,
    4.4,
    $turned,
    ['seat_width_m' => $width, 'seat_back_m' => $back],
)->camera('a', 4, 1.6);
$door = static fn (array $more = []): Plans => $talk->opening(
    'door',
    'left',
    3,
    0.9,
    $more + ['kind' => 'door', 'sill_m' => 0, 'head_m' => 2.05, 'way_out' => true],
);
$taped = static fn (
    array $lengths,
    array $ties = [],
    array $more = [],
): Plans => Plans::room()->with(['/locations/room/space/walls' => array_map(static fn (int $i): array => ['id' => ['near', 'right', 'far', 'left'][$i], 'name' => ['near', 'right', 'far', 'left'][$i].' wall', 'length_m' => $lengths[$i], 'turn_deg' => 90, 'by' => 'tape'], range(0, 3)),
    '/locations/room/space/ties' => array_map(
        static fn (array $t): array => ['id' => "t$t[0]$t[1]", 'from' => $t[0], 'to' => $t[1], 'length_m' => $t[2]],
        $ties,
    )] + $more);
$across = static fn (float $one, float $two): array => [['near', 'far', $one], ['right', 'left', $two]];
$sketch = static fn (array $ties = []): Plans => $taped(
    [6, 5, 6, 5], $ties,
    array_combine(
        array_map(static fn (string $w): string => "/locations/room/space/walls/$w/by", ['near', 'right', 'far', 'left']),
        array_fill(0, 4, 'sketch'),
    ),
);

$walls = static fn (array $lengths, array $turns, array $ties, array $more = []): Plans => Plans::room()->with([
    '/locations/room/space/walls' => array_map(
        static fn (int $i): array => [
            'id' => "w$i",
            'name' => "wall $i",
            'length_m' => $lengths[$i],
            'turn_deg' => $turns[$i],
            'by' => 'tape',
        ],
        array_keys($lengths),
    ),
    '/locations/room/space/ties' => array_map(
        static fn (array $t): array => [
            'id' => "t$t[0]$t[1]",
            'from' => is_int($t[0]) ? "w$t[0]" : $t[0],
            'to' => is_int($t[1]) ? "w$t[1]" : $t[1],
            'length_m' => $t[2],
        ],
        $ties,
    ),
] + $more);
// A regular five-sided room of 4 m a wall with all its diagonals, one of them as written.
$five = static fn (float $wall): Plans => $walls(
    [$wall, 4, 4, 4, 4],
    [72, 72, 72, 72, 72],
    [[0, 2, 6.472], [0, 3, 6.472], [1, 3, 6.472], [1, 4, 6.472], [2, 4, 6.472]],
);
$hung = $walls([4, 4, 3, 3, 4], [90, 90, 45, 90, 45], [[0, 2, 5.657], [1, 4, 5.657], [2, 4, 4.0]]);
$post = static fn (float $off): Plans => $walls([6, 6, 6, 6], [90, 90, 90, 90], [[0, 2, 8.485], [1, 3, 8.485], [0, 'p', 2.828 + $off], [1, 'p', 4.472], [3, 'p', 4.472]],
    [
        '/locations/room/space/built' => [
            ['id' => 'p', 'name' => 'post', 'kind' => 'column', 'x_m' => 2.0, 'y_m' => 2.0, 'width_m' => 0.2, 'depth_m' => 0.2],
        ],
    ]);

$to = static fn (float $x, float $y): array => ['id' => 'w', 'name' => 'walk', 'person' => 'ann', 'to_x_m' => $x, 'to_y_m' => $y];
$walks = static fn (float $x, float $y): Plans => Plans::room(8, 7)->stander('ann', 4, 4)->row('walks', $to($x, $y));

return [
    'clothes-part-from-the-background' => [
        ['dark before light', $colours($talk, '#303840', '#d0d4c8'), 'holds holds a+ann+far'],
        ['nearly of the wall’s colour', $colours($talk, '#c8ccc0', '#d0d4c8'), 'watch fails a+ann+far'],
        ['just apart', $colours($talk, '#a0a498', '#d0d4c8'), 'holds holds a+ann+far', ['apart' => [13, 1]]],
        ['hardly apart', $colours($talk, '#a8aca0', '#d0d4c8'), 'watch fails a+ann+far', ['apart' => [10.4, 0.1]]],
        [
            'by a wider limit', $colours($talk, '#a0a498', '#d0d4c8')->with(['/brief/limits/parting_watch_de' => 30]),
            'watch fails a+ann+far',
        ],
        ['the wall is not known', $talk->row('colours', ['id' => 'shirt', 'name' => 'shirt', 'on' => 'ann', 'colour' => '#303840']), ''],
        ['nothing sampled', $talk, ''],
    ],
    'colours-keep-to-the-palette' => [
        ['agreed on', $palette($colours($talk, '#90a890', '#90a890'), '#8fa88f'), 'holds holds ann+shirt', ['nearest' => 'sage']],
        ['a red among greens', $palette($colours($talk, '#b03030', '#90a890'), '#8fa88f'), 'watch fails ann+shirt'],
        ['near enough', $palette($colours($talk, '#a8c0a0', '#90a890'), '#8fa88f'), 'holds holds ann+shirt'],
        [
            'near enough no more, by a closer limit',
            $palette($colours($talk, '#a8c0a0', '#90a890'), '#8fa88f')->with(['/brief/limits/palette_watch_de' => 3]),
            'watch fails ann+shirt',
        ],
        ['nothing agreed on', $colours($talk, '#b03030', '#90a890'), ''],
    ],
    'seat-is-slim' => [
        ['a stool', $armchair(0.45, 0.0), ''],
        ['a chair before the lens', $armchair(0.6, 0.4), 'holds holds ann+a'],
        ['a high wide back between', $armchair(0.8, 0.9, 0), 'watch back ann+a', [], 'lower-back 68 cm'],
        [
            'a wide back, three quarters round', $armchair(0.8, 0.72, 60), 'watch fails ann+a', ['width' => [0.47, 0.01]],
            'slimmer-seat 47 cm',
        ],
        ['a low back between', $armchair(0.8, 0.4, 0), 'holds holds ann+a'],
        ['a stool', $armchair(0.3, 0.04), ''],
    ],
    'subject-stands-off-the-background' => [
        // The far wall is at 7 m: Ann's head is 2.6 m before it.
        ['off the wall', $talk, 'holds holds a+ann', ['distance' => [2.6, 0.15], 'limit' => 1.2]],
        ['a metre off', $talk->with(['subjects/ann/y_m' => 6.05]), 'watch fails a+ann', ['distance' => [0.95, 0.15]], 'move-forward 27 cm'],
        ['against it', $talk->with(['subjects/ann/y_m' => 6.7]), 'breaks fails a+ann', [], 'move-forward 92 cm'],
        ['before a shelf', $talk->thing('shelf', 4, 5.2, 1.2, 0.3, 2.0), 'watch fails a+ann', ['behind' => 'shelf'], 'move-forward 57 cm'],
        ['a low chest hides nothing', $talk->thing('chest', 4, 5.2, 1.2, 0.3, 0.5), 'holds holds a+ann'],
        [
            'by a limit of one’s own', $talk->with(['/brief/limits/background_watch_m' => 3]), 'watch fails a+ann', ['limit' => 3],
            'move-forward 42 cm',
        ],
        [
            'two people before one wall, each by their own', $talk->sitter('cy', 5.5, 6.2)->camera('b', 5.5, 3, 'cy'),
            'watch fails b+cy', [], 'move-forward 42 cm',
        ],
    ],
    'way-out-is-clear' => [
        ['free', $door(), 'holds holds door', ['depth' => 0.9]],
        ['a table in it', $door()->thing('table', 0.7, 3.4, 0.8, 0.8, 0.75), 'breaks fails table+door', [], 'move 63 cm'],
        ['a table just beyond', $door()->thing('table', 1.35, 3.4, 0.8, 0.8, 0.75), 'holds holds door'],
        ['legs in it', $door()->camera('b', 0.9, 3.4), 'breaks fails b+door', [], 'move 65 cm'],
        [
            'a lamp on a clamp at head height', $door()->lamp('l', 0.5, 3.4, null, ['stand' => 'clamp', 'height_m' => 1.7]),
            'breaks fails l+door', [], 'move 28 cm',
        ],
        ['a lamp on a clamp over it', $door()->lamp('l', 0.5, 3.4, null, ['stand' => 'clamp', 'height_m' => 2.6]), 'holds holds door'],
        [
            'deeper, by a limit of one’s own',
            $door()->thing('table', 1.35, 3.4, 0.8, 0.8, 0.75)->with(['/brief/limits/way_out_depth_m' => 1.1]),
            'breaks fails table+door', ['depth' => 1.1], 'move 18 cm',
        ],
        ['nobody’s way out', $door(['way_out' => false])->thing('table', 0.7, 3.4, 0.8, 0.8, 0.75), ''],
    ],
    'window-is-not-behind-the-subject' => [
        ['beside the frame', $talk->window('w', 'right', 2, 1.2), 'holds holds a+w', ['share' => 0.0]],
        ['behind the head', $talk->window('w', 'far', 3.2, 1.6), 'breaks behind a+w', [], 'swing-clockwise 36°'],
        ['beside the face', $talk->window('w', 'far', 4.9, 0.8), 'watch fails a+w', [], 'swing-clockwise 8°'],
        ['a sliver', $talk->window('w', 'far', 4.9, 0.8)->with(['/brief/limits/window_watch_share' => 0.5]), 'holds holds a+w'],
        ['behind a screen', $talk->window('w', 'far', 3.2, 1.6)->thing('screen', 4, 6, 4, 0.1, 2.6), 'holds holds a+w'],
        ['a head’s height over the face', $talk->window('w', 'far', 3.2, 1.6, ['sill_m' => 1.75, 'head_m' => 2.4]), 'watch fails a+w'],
        ['well over the face', $talk->window('w', 'far', 3.2, 1.6, ['sill_m' => 2.1, 'head_m' => 2.6]), 'holds holds a+w'],
        ['hardly beside the head', $talk->window('w', 'far', 4.5, 0.8), 'watch fails a+w'],
        ['its edge just beside the head', $talk->window('w', 'far', 4.24, 0.8), 'watch fails a+w'],
        ['its edge just behind the head', $talk->window('w', 'far', 4.2, 0.8), 'breaks behind a+w'],
        ['its sill just over the head', $talk->window('w', 'far', 3.2, 1.6, ['sill_m' => 1.52, 'head_m' => 2.6]), 'watch fails a+w'],
        ['its sill just behind the head', $talk->window('w', 'far', 3.2, 1.6, ['sill_m' => 1.48, 'head_m' => 2.6]), 'breaks behind a+w'],
    ],
    'corners-are-known' => [
        ['well tied', $taped([6, 5, 6, 5], $across(7.81, 7.81)), 'holds holds room'],
        [
            'by a closer limit', $taped([6, 5, 6, 5], $across(7.81, 7.81))->with(['/brief/limits/corner_watch_m' => 0.005]),
            'watch no-more room', ['limit' => 0.005],
        ],
        [
            'tied once', $taped([12, 4, 12, 4], [['near', 'far', 12.649]])->with(['/brief/limits/corner_watch_m' => 0.02]),
            'watch fails room',
        ],
        ['a chain on trust', $taped([6, 5, 6, 5]), ''],
    ],
    'numbers-are-measured' => [
        ['nothing was ever assumed', $talk, ''],
        ['the ceiling', $talk->with(['/assumed' => ['/locations/room/space/height_m' => true]]), 'watch one room+assumed'],
        [
            'two of them', $talk->with(['/assumed' => ['/locations/room/space/height_m' => true, '/setups/one/metering/ambient_lux' => true]]),
            'watch fails room+assumed', ['count' => '2', 'names' => 'ceiling height, light of the room'],
        ],
        [
            'another place’s', $talk->with(['/assumed' => ['/locations/elsewhere/space/height_m' => true]]), '',
        ],
    ],
    'walls-close' => [
        ['a sketch', $sketch(), 'watch sketched room'],
        ['a chain', $taped([6, 5, 6, 5]), 'holds chain room', ['gap' => 0.0]],
        ['a chain that misses by a hand', $taped([6.04, 5, 6, 5]), 'watch fails room', ['gap' => 0.04, 'limit' => 0.02]],
        ['a chain that misses by more than a tape does', $taped([6.6, 5, 6, 5]), 'breaks apart room'],
        ['tied and checked', $taped([6, 5, 6, 5], $across(7.81, 7.81)), 'holds holds room'],
        ['tied, and nothing checks it', $taped([6, 5, 6, 5], [['near', 'far', 7.81]]), 'holds unchecked room'],
        ['two walls and a diagonal of a sketch', $sketch([['near', 'far', 7.81]]), 'watch open room'],
        [
            'a reading that no triangle holds', $taped([6, 5, 6, 5], [['near', 'far', 11.4]]), 'breaks stretched room',
            ['written' => 11.4, 'most' => 11.0],
        ],
        ['two diagonals that disagree', $taped([6, 5, 6, 5], $across(7.81, 8.41)), 'breaks torn-again room'],
        ['one of two ways to a corner that is a metre off', $five(3.0), 'breaks slipped room', ['expected' => [4.0, 0.05]], 'leave-out'],
        ['one that is off by no slip', $five(4.37), 'breaks contradicted room', [], 'leave-out'],
        ['a corner that hangs on two readings', $hung, 'holds partly room'],
        ['two suspects, and a reading that tells', $post(0.4), 'breaks torn room'],
    ],
    'walk-is-free' => [
        ['nobody walks', Plans::room(8, 7)->stander('ann', 4, 4), ''],
        ['across an empty floor', $walks(2, 4), 'holds holds ann+w', ['after' => 2]],
        ['into a table', $walks(2, 4)->thing('table', 2.6, 4, 0.8, 0.8, 0.75), 'breaks fails ann+w+table', ['after' => [0.75, 0.03]], 'stop-short 66 cm'],
        ['past a table', $walks(2, 4)->thing('table', 2.6, 4.7, 0.8, 0.8, 0.75), 'holds holds ann+w'],
        ['under what hangs high', $walks(2, 4)->thing('sign', 2.6, 4, 0.8, 0.8, 0.3, ['base_m' => 2.0]), 'holds holds ann+w'],
        ['into a tripod', $walks(2, 4)->camera('a', 2.6, 4.1), 'breaks fails ann+w+a', ['after' => [0.94, 0.03]]],
        ['out of the seat', Plans::room(8, 7)->sitter('ann', 4, 4)->row('walks', $to(2, 4)), 'holds holds ann+w'],
        ['into the wall', $walks(0.05, 4), 'breaks fails ann+w'],
        ['on from where the first leg ends', $walks(2, 4)->row('walks', ['id' => 'v'] + $to(2, 2))->thing('table', 2, 3, 0.4, 0.4, 0.75),
            'breaks fails ann+v+table', ['after' => [0.55, 0.03]]],
    ],
];
