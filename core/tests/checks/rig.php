<?php

declare(strict_types=1);

use FineFrame\Tests\Plans;

// Ring: 16 A at 230 V, 80 % of it for hours: 12.8 A. Wall: 10 A, 8 A for hours, 2 A on it already. An open lamp draws 200 W at 0.95.
$circuit = static fn (string $id, float $amps, array $more = []): array => $more + [
    'id' => $id, 'name' => $id, 'breaker_a' => $amps, 'volts' => 230, 'already_a' => 0, 'ours' => 'yes',
];
$house = Plans::room(8, 7)->sitter('ann', 4, 4.4)->with(
    ['/locations/room/scouted/circuits' => [$circuit('ring', 16), $circuit('wall', 10, ['already_a' => 2])]],
);
$lamp = static fn (Plans $plan, string $id, float $x, string $model = 'open-200'): Plans => $plan->lamp($id, $x, 2, 'ann', ['fixture' => $model]);
$plugs = static fn (array $on): array => ['plugs' => array_map(
    static fn (string $thing, string $on): array => ['id' => "plug-$thing", 'thing' => $thing, 'circuit' => $on],
    array_keys($on),
    $on,
)];
$two = $lamp($lamp($house, 'one', 2), 'other', 6);
$load = static fn (string $id, float $watts, string $kind = 'other', float $factor = 1.0): array => [
    'id' => $id, 'name' => $id, 'watts' => $watts, 'kind' => $kind, 'power_factor' => $factor,
];
$heater = static fn (float $watts, string $on = 'ring'): Plans => $two->row('loads', $load('heater', $watts))
    ->with($plugs(['one' => 'ring', 'other' => 'ring', 'heater' => $on]));

// A lamp of 4 kg on a light stand of 5 kg, feet 45 cm; on an arm of 1.2 m from a stand of 12 kg.
$room = Plans::room(8, 7)->sitter('ann', 4, 4.4);
$kit = static fn (array $values): array => array_combine(
    array_map(static fn (string $at): string => "/kit/$at", array_keys($values)), $values,
);
$weighed = $kit(['fixtures/open-200/kg' => 4, 'supports/light-stand/kg' => 5, 'supports/light-stand/carries_kg' => 6]);
$held = $room->lamp('key', 2, 2, 'ann', ['fixture' => 'open-200', 'height_m' => 1.3])->with($weighed);
$arm = $room->lamp('key', 2, 2, 'ann', ['fixture' => 'open-200', 'stand' => 'overhead-arm', 'height_m' => 2.2])
    ->with($kit(['fixtures/open-200/kg' => 3, 'supports/overhead-arm/kg' => 10, 'supports/overhead-arm/leg_radius_m' => 0.6,
        'supports/overhead-arm/reach_m' => 1.2]));
$yard = ['/locations/room/space/ceiling' => ['kind' => 'none']];
$gale = static fn (float $wind, float $ballast = 0.0): Plans => $room->lamp('box', 2, 2, 'ann', ['fixture' => 'soft-90', 'height_m' => 2.0])
    ->with($yard + ['/brief/facts/wind_mps' => $wind] + $kit(['fixtures/soft-90/kg' => 3, 'supports/light-stand/kg' => 5]))
    ->row('ballast', ['id' => 'bags', 'thing' => 'box', 'kg' => $ballast]);
$beam = static fn (string $may, string $who = ''): Plans => $room->lamp('down', 2, 2, 'ann', ['stand' => 'clamp', 'height_m' => 2.5])->with([
    '/locations/room/space/built' => [[
        'id' => 'tie', 'name' => 'tie beam', 'kind' => 'beam', 'x_m' => 2, 'y_m' => 2, 'width_m' => 3, 'depth_m' => 0.2, 'base_m' => 2.4,
        'height_m' => 0.2, 'may_hang' => $may, 'said_by' => $who,
    ]],
]);
$over = static fn (float $x): Plans => $room->lamp('top', $x, 4.4, 'ann', ['stand' => 'clamp', 'height_m' => 2.4]);

// Outlets of the ring on the near wall at 1 m, of the wall circuit at 7 m; a way out between; a lamp at the right end.
$door = ['id' => 'door', 'name' => 'door', 'kind' => 'door', 'wall' => 'near', 'offset_m' => 3.5, 'width_m' => 1.0, 'head_m' => 2.0];
$wired = $lamp($house, 'one', 6)->with(['lights/one/y_m' => 1.0, '/locations/room/space/outlets' => [
    ['id' => 'o1', 'name' => 'left outlet', 'wall' => 'near', 'offset_m' => 1.0, 'circuit' => 'ring'],
    ['id' => 'o2', 'name' => 'right outlet', 'wall' => 'near', 'offset_m' => 7.0, 'circuit' => 'wall'],
]] + $plugs(['one' => 'ring']));
$doored = static fn (bool $out): Plans => $wired->with(['/locations/room/space/openings' => [$door + ['way_out' => $out]]]);
// Shelves from the end of the door’s way to the far wall: there is no way round it.
$shut = static fn (bool $out): Plans => $doored($out)->thing('shelves', 4, 3.94, 0.4, 6.1, 2.0);

// A way out of 1 m in the right wall, of a room of 8 × 7 m; shelves across the room, open for so much at the near wall.
$exit = static fn (float $width = 1.0): Plans => $room->with(['/locations/room/space/openings' => [[
    'id' => 'door', 'name' => 'door', 'kind' => 'door', 'wall' => 'right', 'offset_m' => 3.0, 'width_m' => $width, 'head_m' => 2.0, 'way_out' => true,
]]]);
$shelved = static fn (float $gap, float $door = 1.0): Plans => $exit($door)->thing('shelves', 6, ($gap + 6.8) / 2, 0.4, 6.8 - $gap, 2.0);

// An open lamp on a clamp: a 16 mm stud on a ¼ inch screw, by a stud on a screw of which one is counted.
$clamped = static fn (int $count, array $kit = [], int $lamps = 1): Plans => array_reduce(
    range(1, $lamps),
    static fn (Plans $p, int $i): Plans => $p->lamp("l$i", 1 + $i, 2, 'ann', ['fixture' => 'open-200', 'stand' => 'clamp', 'height_m' => 2.4]),
    $room,
)->with($kit + ['/kit/stock' => [['id' => 's', 'model' => 'screw-stud', 'count' => $count, 'whose' => 'own']]]);

// A pole of 1.5 kg that reaches 1.2 m from a boom stand of 6.5 kg with feet of 40 cm: its weight is 0.7 m out, 1.8 kg with a microphone.
$pole = static fn (float $stand, float $ballast = 0.0): Plans => $room->boom('boom', 4, 4, 2.0)
    ->with($kit(['poles/pole-3/kg' => 1.5, 'supports/boom-stand/kg' => $stand, 'supports/boom-stand/leg_radius_m' => 0.4]))
    ->row('ballast', ['id' => 'bags', 'thing' => 'boom', 'kg' => $ballast]);

$carried = static fn (array $stock): Plans => array_reduce(
    $stock,
    static fn (Plans $p, array $one): Plans => $p->row('extensions', ['name' => "$one[0] m", 'length_m' => $one[0], 'count' => $one[1]]),
    $wired,
);
$rings = ['/locations/room/space/outlets' => [['id' => 'o1', 'name' => 'left outlet', 'wall' => 'near', 'offset_m' => 1.0, 'circuit' => 'ring']]];
// From the far side of the room onto the floor along the near wall.
$looking = static fn (): Plans => $wired->camera('a', 4, 6, null, [
    'aim' => ['mode' => 'free', 'bearing_deg' => 180, 'tilt_deg' => -12], 'focal_mm' => 24,
]);

// A camera that is recorded from ten, with packs of 98 Wh; and a talk in two parts of so many hours.
$packs = static fn (string $to, int $count, float $hours = 0.0): Plans => $room->camera('a', 4, 1, 'ann')->with([
    '/brief/days' => [['id' => 'd', 'name' => 'd', 'date' => '2026-06-21', 'from' => '10:00', 'to' => $to]],
    '/kit/stock' => [['id' => 's', 'model' => 'pack-98', 'count' => $count, 'whose' => 'own']],
    '/kit/packs' => [['id' => 'pack-98', 'name' => 'Battery 98 Wh', 'plate' => 'large plate', 'wh' => 98]],
    'progress' => $hours === 0.0 ? [] : [
        ['id' => 'p1', 'name' => 'one', 'minutes' => $hours * 60],
        ['id' => 'p2', 'name' => 'two', 'minutes' => 600, 'break_before' => true],
    ],
]);

// Through a gap of 30 cm at the right end of the far wall, from the room behind it.
$next = static fn (float $x): Plans => $wired->with(['lights/one/x_m' => 7.8])->withRoomNextDoor()->camera('a', $x, 8.2, null, [
    'aim' => ['mode' => 'free', 'bearing_deg' => 180, 'tilt_deg' => -9], 'focal_mm' => 24,
]);

return [
    'packs-carry-the-hours' => [
        // 22 W on 0.9 · 98 Wh: 240 min and a half.
        ['as long as one lasts', $packs('14:00', 1), 'holds holds a', ['until' => '14:00']],
        ['a minute too long', $packs('14:01', 1), 'breaks dies a', ['until' => '14:00', 'to' => '14:01']],
        ['two, and a pause to exchange them in', $packs('16:00', 2, 2.5), 'holds swaps a', ['count' => '1 swap', 'swaps' => '12:30']],
        ['two, and the pause too late', $packs('16:00', 2, 4.5), 'breaks dies a', ['until' => '14:00']],
        ['one too few', $packs('16:00', 1, 2.5), 'breaks dies a', ['until' => '14:00'], 'carry-more'],
        ['two cameras on one', $packs('12:00', 1)->camera('b', 5, 1, 'ann'), 'breaks dies a+b', ['until' => '10:00'], 'carry-more'],
        ['a cold day', $packs('14:00', 1)->with(['/brief/limits/pack_usable' => 0.7]), 'breaks dies a', ['until' => '13:07']],
        ['nobody has counted', $packs('14:00', 1)->with(['/kit/stock' => []]), 'watch uncounted a'],
        ['none fits', $packs('14:00', 1)->with(['/kit/bodies/a-body/plate' => 'its own']), 'watch unlisted a'],
        ['hours are open', $packs('', 1), ''],
        ['nobody has said what it draws', $packs('14:00', 1)->with(['/kit/bodies/a-body/watts' => 0]), ''],
    ],
    'mains-cables-are-carried' => [
        // Some 8 m as laid, with a tenth of slack.
        ['one that reaches', $carried([[10, 1]]), 'holds holds', ['count' => 1]],
        ['two joined', $carried([[5, 2]]), 'holds holds', ['count' => 2]],
        ['too short', $carried([[5, 1]]), 'breaks fails one', ['length' => [8.1, 0.6]]],
        ['joined more than three times', $carried([[2, 5]]), 'breaks fails one'],
        ['nobody has listed any', $wired, 'watch unlisted', ['longest' => [8.1, 0.6]]],
        ['one for two lamps', $two->with($plugs(['one' => 'ring', 'other' => 'ring']) + $rings)->row('extensions', ['name' => 'long', 'length_m' => 12]), 'breaks fails one'],
        ['nothing on a cable', $house, ''],
    ],
    'mains-cable-stays-out-of-frame' => [
        ['nobody looks down there', $wired->camera('a', 4, 2, 'ann'), 'holds holds'],
        ['into the corner it lies in', $looking(), 'watch fails a+one', ['length' => [3.0, 1.5]]],
        ['from the next room, through the gap', $next(7.8), 'watch fails a+one'],
        ['from the next room, behind its wall', $next(6.9), 'holds holds'],
        ['a chest before it', $looking()->thing('chest', 4.0, 1.0, 6.0, 0.4, 1.0), 'holds holds'],
        ['no camera', $wired, ''],
    ],
    'joints-close' => [
        ['straight on its stand', $room->lamp('key', 2, 2, 'ann', ['fixture' => 'open-200']), 'holds straight', ['count' => 1]],
        ['by one part', $clamped(1), 'holds holds', ['count' => 1, 'parts' => 1]],
        ['the part is not there', $clamped(0), 'breaks short l1', ['part' => 'Stud on a ¼ inch screw', 'there' => 0], 'take-model'],
        ['two lamps and one part', $clamped(1, [], 2), 'breaks short l2', ['there' => 1], 'take-model'],
        ['two lamps and two parts', $clamped(2, [], 2), 'holds holds', ['parts' => 2]],
        ['nobody has counted', $clamped(1, [], 2)->with(['/kit/stock' => []]), 'holds holds', ['parts' => 2]],
        ['as heavy as the part is rated for', $clamped(1, ['/kit/fixtures/open-200/kg' => 4]), 'holds holds'],
        ['heavier', $clamped(1, ['/kit/fixtures/open-200/kg' => 4.1]), 'breaks heavy l1'],
        ['nothing leads there', $clamped(1, ['/kit/fixtures/open-200/mount' => '28 mm stud']), 'breaks fails l1', ['offers' => '¼ inch screw']],
        ['nobody has said on what it sits', $clamped(0, ['/kit/fixtures/open-200/mount' => 'nobody has said']), ''],
        ['a pole on a boom stand', $room->boom('boom', 4, 4, 2.0), 'holds holds', ['count' => 1, 'parts' => 1]],
    ],
    'everyone-gets-out' => [
        ['an empty room: the door itself', $exit(), 'holds holds', ['width' => 1.0]],
        ['past the end of shelves', $shelved(0.85), 'holds holds', ['width' => 0.85]],
        ['just too narrow', $shelved(0.78), 'watch wall ann+door+shelves', ['width' => 0.78, 'limit' => 0.8], 'move 4 cm'],
        ['who turns sideways just passes', $shelved(0.46), 'watch wall ann+door+shelves', ['width' => 0.46], 'move 36 cm'],
        ['hardly anybody passes', $shelved(0.44), 'breaks wall ann+door+shelves', ['width' => 0.44], 'move 38 cm'],
        ['two who are kept in by the same', $shelved(0.6)->sitter('cy', 2, 5), 'watch wall ann+cy+door+shelves', ['person' => 'Ann, Cy']],
        ['between shelves and legs', $shelved(1.4)->camera('b', 6, 0.5), 'watch fails ann+door+b+shelves', ['width' => [0.65, 0.01]]],
        ['shut in', $shelved(0.0)->thing('crate', 6, 6.8, 0.4, 0.4, 1.0), 'breaks shut ann+door+crate+shelves', ['width' => 0.0]],
        ['what is walked under', $shelved(1.4)->thing('shelf', 6, 0.6, 0.4, 1.2, 0.3)->with(['furniture/shelf/base_m' => 2.2]), 'holds holds', ['width' => 1.0]],
        ['a narrow door', $exit(0.7), 'watch door ann+door', ['width' => 0.7]],
        ['by a limit of one’s own', $exit(0.7)->with(['/brief/limits/way_out_width_m' => 0.7]), 'holds holds'],
        ['at a table', $exit()->thing('table', 4, 4.7, 1.6, 0.8, 0.75), 'holds holds', ['width' => 1.0]],
        ['who carries a camera walks with it', $shelved(0.9)->camera('b', 6, 0.5, 'ann', ['support' => 'gimbal']), 'holds holds'],
        ['nobody has said which is a way out', $exit()->with(['/locations/room/space/openings/door/way_out' => false]), ''],
    ],
    'mains-cable-is-out-of-the-way' => [
        ['along the wall', $wired, 'holds holds one', ['length' => [8.1, 0.6]]],
        ['round the way out', $doored(true), 'holds holds one', ['outlet' => 'left outlet']],
        ['over the way out, where it cannot go round', $shut(true), 'holds over one', ['door' => 'door']],
        ['across another, which is nearer', $shut(false), 'holds crosses one'],
        [
            'across a way out, where a chest stands at the jamb', $shut(true)->thing('chest', 3.4, 0.2, 0.5, 0.4, 0.6), 'watch way-out one',
            ['door' => 'door'], 'plug-into',
        ],
        ['from the other side', $shut(true)->with($plugs(['one' => 'wall'])), 'holds holds one', ['outlet' => 'right outlet']],
        ['a thin lead for a strong lamp', $wired->with($kit(['fixtures/open-200/watts' => 12000])), 'watch thin one'],
        ['no outlet drawn', $wired->with(['/locations/room/space/outlets' => []]), ''],
        ['not plugged in', $wired->with($plugs([])), ''],
    ],
    'support-carries-its-load' => [
        ['within its rating', $held, 'holds holds key', ['kg' => 4, 'rating' => 6]],
        ['over it', $held->with($kit(['fixtures/open-200/kg' => 6.1])), 'breaks fails key'],
        ['with what is put to it', $held->with(['lights/key/before' => 'doors'] + $kit(['modifiers/doors/kg' => 2.5])), 'breaks fails key', ['kg' => 6.5]],
        ['no rating typed in', $held->with($kit(['supports/light-stand/carries_kg' => null])), ''],
        ['nobody has weighed it', $held->with($kit(['fixtures/open-200/kg' => null])), ''],
        ['nobody has weighed a part of it', $held->with(['lights/key/before' => 'doors']), ''],
    ],
    'stand-does-not-tip' => [
        // 10 · 0.3 against 3 · (1.2 − 0.3): 1.11 times; half as much again wants 3 · 1.5 · 0.9 / 0.3 − 10 = 3.5 kg.
        ['near to it', $arm, 'watch near key', ['ballast' => [3.5, 0.01], 'times' => '1.1'], 'ballast 7.0 kg'],
        ['with a bag', $arm->row('ballast', ['id' => 'bag', 'thing' => 'key', 'kg' => 7]), 'holds holds key', ['times' => '1.9']],
        ['it goes over', $arm->with($kit(['fixtures/open-200/kg' => 4])), 'breaks tips key', [], 'ballast 14 kg'],
        ['as many times over as one wants', $arm->with(['/brief/limits/tip_safety' => 1.1]), 'holds holds key'],
        ['straight over its legs', $held, ''],
        // (6.5 · 0.2) against 1.8 · (0.7 − 0.2): 1.44 times.
        ['a pole on its stand', $pole(6.5), 'watch near boom', ['arm' => 0.7, 'times' => '1.4', 'ballast' => [0.25, 0.01]], 'ballast 7.0 kg'],
        ['on a heavier one', $pole(8), 'holds holds boom', ['times' => '1.8']],
        ['on a light one', $pole(4), 'breaks tips boom', [], 'ballast 7.0 kg'],
        ['the bag is there', $pole(4, 7), 'holds holds boom'],
        ['nobody has weighed the stand', $arm->with($kit(['supports/overhead-arm/kg' => null])), ''],
    ],
    'frame-stands-in-the-wind' => [
        // 0.81 m², 2.08 m up: ½ · 1.225 · 4 · 1.2 · 0.81 = 2.4 N at 2 m/s.
        ['a breath', $gale(1.5), 'holds holds box'],
        ['a breeze', $gale(3.5), 'watch near box', ['ballast' => [2.4, 0.6]]],
        ['the same with bags', $gale(3.5, 14), 'holds holds box'],
        ['a wind', $gale(6), 'breaks falls box', ['down' => [3.76, 0.05]]],
        ['nobody has said', $gale(6)->with(['/brief/facts' => []]), ''],
        ['indoors', $room->lamp('box', 2, 2, 'ann', ['fixture' => 'soft-90'])->with(['/brief/facts/wind_mps' => 6]), ''],
    ],
    'hangs-where-it-may' => [
        ['it may', $beam('yes', 'the trust'), 'holds holds down+tie', ['who' => 'the trust']],
        ['it may, and nobody has signed', $beam('yes'), 'holds unsigned down+tie'],
        ['nobody has said', $beam('unknown'), 'watch asks down+tie', ['beam' => 'tie beam']],
        ['it may not', $beam('no'), 'breaks no down+tie'],
        ['on a stand', $beam('no')->with(['lights/down/stand' => 'light-stand']), ''],
        ['far from any', $beam('no')->with(['lights/down/x_m' => 6.5]), ''],
    ],
    'nobody-is-under-it' => [
        ['over her head', $over(4.2), 'watch fails top+ann', [], 'move 48 cm'],
        ['aside', $over(5.2), ''],
        ['on a stand', $over(4.2)->with(['lights/top/stand' => 'light-stand']), ''],
        ['standing', $over(4.2)->with(['subjects/ann/posture' => 'standing']), 'watch fails top+ann'],
        ['lower than her head', $over(4.2)->with(['lights/top/height_m' => 1.0]), ''],
    ],
    'heavy-is-lifted-by-two' => [
        ['light', $held, ''],
        ['heavy, and alone', $held->with($kit(['fixtures/open-200/kg' => 24])), 'watch fails key', ['limit' => 20]],
        ['heavy, and two', $held->with(['/brief/facts/hands' => 2] + $kit(['fixtures/open-200/kg' => 24])), 'holds holds key'],
        ['overhead, half of it', $held->with(['lights/key/height_m' => 2.4] + $kit(['fixtures/open-200/kg' => 12])), 'watch fails key', ['limit' => 10]],
    ],
    'circuit-carries-its-loads' => [
        ['with room to spare', $two->with($plugs(['one' => 'ring', 'other' => 'ring'])), 'holds holds ring', ['amps' => [1.831, 0.001], 'spare' => [10.97, 0.01]]],
        ['just as much as may be', $heater(2522), 'holds holds ring', ['amps' => [12.796, 0.002], 'limit' => 12.8]],
        ['a little more', $heater(2524), 'breaks over ring', ['breaker' => 16], 'plug-into'],
        ['it trips', $heater(3300), 'breaks trips ring', ['amps' => [16.18, 0.01]]],
        ['by a share of one’s own', $heater(2524)->with(['/brief/limits/power_share' => 1.0]), 'holds holds ring', ['limit' => 16]],
        ['with what is on it already', $heater(1390, 'wall'), 'breaks over wall', ['amps' => [8.04, 0.01], 'limit' => 8], 'plug-into'],
        ['and a little less', $heater(1370, 'wall'), 'holds holds wall'],
        [
            'a poor power factor draws more', $two->row('loads', $load('heater', 2200, factor: 0.7))->with($plugs(['heater' => 'ring'])),
            'breaks over ring', ['amps' => [13.66, 0.01]],
        ],
        [
            'nobody has said whether it is ours',
            $two->with(['/locations/room/scouted/circuits/0/ours' => 'unknown'] + $plugs(['one' => 'ring'])), 'watch unsure ring',
        ],
        ['what is off draws nothing', $heater(2524)->with(['lights/one/on' => false]), 'holds holds ring'],
        ['not ours, and not used', $two->with(['/locations/room/scouted/circuits/0/ours' => 'no'] + $plugs(['one' => 'ring'])), ''],
        ['nothing plugged in', $two, ''],
        ['a lamp that is gone', $house->with($plugs(['one' => 'ring'])), ''],
    ],
    'every-load-is-plugged-in' => [
        ['each has its circuit', $two->with($plugs(['one' => 'ring', 'other' => 'wall'])), 'holds holds plugs', ['count' => '2']],
        ['one has none', $two->with($plugs(['one' => 'ring'])), 'watch fails plugs', ['loads' => 'Other'], 'share-out'],
        ['a circuit that is gone', $two->with($plugs(['one' => 'ring', 'other' => 'cellar'])), 'watch fails plugs'],
        ['more than the house has', $two->row('loads', $load('oven', 3600)), 'watch none-fits plugs'],
        ['no circuits known', $two->with(['/locations/room/scouted/circuits' => []]), ''],
        ['nothing on the mains', $house, ''],
        ['on a battery', $house->lamp('small', 2, 2, 'ann', ['fixture' => 'eye-5']), ''],
    ],
    'sound-keeps-off-the-dimmers' => [
        [
            'on one circuit', $lamp($house, 'hot', 2, 'open-650')->row('loads', $load('deck', 20, 'sound'))
                ->with($plugs(['hot' => 'ring', 'deck' => 'ring'])), 'watch fails deck+ring', ['dimmed' => 'Hot'], 'plug-into',
        ],
        [
            'on two', $lamp($house, 'hot', 2, 'open-650')->row('loads', $load('deck', 20, 'sound'))
                ->with($plugs(['hot' => 'ring', 'deck' => 'wall'])), '',
        ],
        [
            'with a lamp that is not dimmed by the mains', $two->row('loads', $load('deck', 20, 'sound'))
                ->with($plugs(['one' => 'ring', 'deck' => 'ring'])), '',
        ],
    ],
];
