<?php

declare(strict_types=1);

use FineFrame\Tests\Plans;

// One camera, on a tripod, with a lens of each; the body 22 × 18 × 16 cm and 2 kg, the tripod 70 × 14 × 14 and 4.5 kg.
$gear = static fn (array $more = []): Plans => Plans::room(8, 7)->sitter('ann', 4, 4.4)->camera('a', 4, 1, 'ann')->with($more + [
    '/brief/days' => [['id' => 'd', 'name' => 'd', 'date' => '2026-06-21', 'from' => '11:00', 'to' => '12:00']],
]);
$case = static fn (float $l, float $w, float $h, array $more = []): array => $more + [
    'id' => 'c'.round(1000 * $l), 'name' => "case $l", 'length_m' => $l, 'width_m' => $w, 'height_m' => $h, 'max_kg' => 30, 'own_kg' => 3,
];
$in = static fn (array $cases, array $more = []): Plans => $gear($more + ['/brief/cases' => $cases]);
$both = [$case(0.8, 0.2, 0.2), $case(0.5, 0.4, 0.25)];
$line = static fn (array $row): array => ['/brief/packing' => [$row + ['id' => 'p', 'name' => '']]];
$stock = static fn (array $row): array => ['/kit/stock' => [$row + ['id' => 's', 'model' => 'tripod', 'count' => 1, 'whose' => 'own']]];
$pack = static fn (float $wh, string $travel): Plans => $gear([
    '/brief/facts/travel' => $travel,
    '/kit/packs' => [['id' => 'pack', 'name' => 'pack', 'plate' => 'small', 'wh' => $wh]],
    '/kit/bodies/a-body/plate' => 'small',
    '/kit/stock' => [['id' => 's', 'model' => 'pack', 'count' => 2, 'whose' => 'own']],
]);

return [
    'things-fit-the-cases' => [
        ['in two', $in($both), 'holds holds', ['cases' => '2', 'things' => '3']],
        ['no room for the tripod', $in([$case(0.5, 0.4, 0.25)]), 'breaks left', ['left' => 'Video tripod']],
        ['it is somebody’s own that is shorter', $in([$case(0.5, 0.4, 0.25)], $line(['item' => 'tripod', 'length_m' => 0.48])), 'holds holds', ['cases' => '1']],
        ['it stays here', $in([$case(0.5, 0.4, 0.25)], $line(['item' => 'tripod', 'off' => true])), 'holds holds', ['things' => '2']],
        ['a thing of one’s own that is too long', $in($both, $line(['name' => 'ladder', 'length_m' => 1.6, 'width_m' => 0.4, 'height_m' => 0.1])), 'breaks left', ['left' => 'ladder']],
        ['two setups one after the other share', $in($both)->second('two', ['from' => '13:00', 'to' => '14:00']), 'holds holds', ['things' => '3']],
        ['two at one time do not', $in($both)->second('two', ['from' => '11:30', 'to' => '14:00']), 'breaks left', ['things' => '6']],
        ['no case listed', $gear(), 'watch unlisted', ['things' => '3']],
        ['nothing there', Plans::room(), ''],
    ],
    'cases-can-be-lifted' => [
        ['light', $in($both), 'holds holds c800'],
        ['by one', $in($both, ['/brief/limits/lift_kg' => 7.6]), 'holds holds c800', ['limit' => 7.6]],
        ['too much for one', $in($both, ['/brief/limits/lift_kg' => 6]), 'breaks fails c800', ['kg' => 7.5]],
        ['there are two', $in($both, ['/brief/limits/lift_kg' => 6, '/brief/facts/hands' => 2]), 'watch pair c800'],
        ['too much for two', $in($both, ['/brief/limits/lift_kg' => 3, '/brief/facts/hands' => 2]), 'breaks fails c800'],
        ['no case listed', $gear(), ''],
    ],
    'cases-are-carried-in-time' => [
        ['one round', $in($both), 'holds holds room', ['rounds' => '1', 'minutes' => '1 min', 'planned' => '5 min']],
        // Six pieces for one: three rounds of two, five ways of 100 m.
        ['three', $in([$case(0.8, 0.2, 0.2), ...array_map(static fn (int $i): array => ['id' => "k$i"] + $case(0.24, 0.2, 0.18), range(1, 5))], [
            '/locations/room/facts' => ['carry_m' => 100], '/brief/packing' => [
                ['id' => 'p', 'name' => 'crate', 'count' => 4, 'length_m' => 0.23, 'width_m' => 0.19, 'height_m' => 0.17, 'kg' => 5],
                ['id' => 'q', 'name' => '', 'item' => 'zoom-24-70', 'off' => true],
            ],
        ]), 'watch fails room', ['rounds' => '3', 'minutes' => '10 min', 'planned' => '5 min']],
        ['the day has been given more', $in($both, ['/brief/tasks' => [['id' => 't', 'name' => '', 'task' => 'load/room', 'minutes' => 1]]]), 'holds holds room', ['planned' => '1 min']],
        ['no hours', $in($both)->with(['/brief/days' => []]), ''],
    ],
    'cases-go-into-the-car' => [
        // 32 l and 50 l inside, 107 with walls.
        ['it goes', $in($both, ['/brief/facts/travel' => 'by car', '/brief/facts/load_l' => 110]), 'holds holds one', ['needed' => '107 l']],
        ['it does not', $in($both, ['/brief/facts/travel' => 'by car', '/brief/facts/load_l' => 100]), 'breaks fails one'],
        ['by train', $in($both, ['/brief/facts/travel' => 'by train', '/brief/facts/load_l' => 100]), ''],
        ['nobody knows the car', $in($both), ''],
    ],
    'cases-go-by-hand' => [
        ['two for one', $in($both, ['/brief/facts/travel' => 'by train']), 'holds holds one', ['hands' => '1']],
        ['three for one', $in([...$both, $case(0.46, 0.3, 0.3)], ['/brief/facts/travel' => 'by train', '/brief/packing' => [
            ['id' => 'p', 'name' => 'crate', 'length_m' => 0.45, 'width_m' => 0.29, 'height_m' => 0.29, 'kg' => 5],
        ]]), 'breaks fails one', ['cases' => '3']],
        ['by car', $in($both, ['/brief/facts/travel' => 'by car']), ''],
    ],
    'batteries-may-travel' => [
        ['98', $pack(98, 'by air'), 'holds holds pack', ['count' => '2']],
        ['101', $pack(101, 'by air'), 'watch ask pack'],
        ['161', $pack(161, 'by air'), 'breaks fails pack'],
        ['161, by car', $pack(161, 'by car'), ''],
    ],
    'loans-go-back-in-time' => [
        ['next week', $gear($stock(['whose' => 'hired', 'until' => '2026-06-28', 'from' => 'the desk'])), 'holds holds tripod'],
        ['the day after', $gear($stock(['whose' => 'hired', 'until' => '2026-06-22', 'from' => 'the desk'])), 'watch fails tripod', ['until' => '2026-06-22']],
        ['not taken along', $gear($stock(['model' => 'gimbal', 'whose' => 'hired', 'until' => '2026-06-22'])), ''],
        ['ours', $gear($stock([])), ''],
    ],
    'hired-things-have-a-source' => [
        ['known', $gear($stock(['whose' => 'hired', 'until' => '2026-06-28', 'from' => 'the desk'])), 'holds holds tripod'],
        ['from whom', $gear($stock(['whose' => 'borrowed', 'until' => '2026-06-28'])), 'watch nobody tripod', ['whose' => 'borrowed']],
        ['until when', $gear($stock(['whose' => 'hired', 'from' => 'the desk'])), 'watch open tripod'],
        ['ours', $gear($stock([])), ''],
    ],
    'faulty-things-stay-home' => [
        ['another is there', $gear($line(['item' => 'tripod', 'faulty' => true]) + $stock(['count' => 2])), 'holds holds tripod', ['left' => '1']],
        ['none is', $gear($line(['item' => 'tripod', 'faulty' => true]) + $stock([])), 'breaks fails tripod', ['left' => '0', 'needed' => '1']],
        ['nobody has counted', $gear($line(['item' => 'tripod', 'faulty' => true])), 'watch uncounted tripod'],
        ['none faulty', $gear($stock([])), ''],
    ],
    'service-is-done' => [
        ['after the day', $gear($line(['item' => 'tripod', 'due' => '2026-06-22'])), 'holds holds tripod'],
        ['on the day', $gear($line(['item' => 'tripod', 'due' => '2026-06-21'])), 'watch fails tripod', ['due' => '2026-06-21']],
        ['nobody has said', $gear(), ''],
    ],
    'cases-pass-the-ways' => [
        // 80 × 20 × 20 and 50 × 40 × 25 cm inside: by its middle side, with five for its walls, 45.
        ['a door of 45', $in($both, ['/locations/room/scouted' => ['ways' => [['id' => 'w', 'name' => 'door', 'width_m' => 0.45]]]]), 'holds holds room', ['case' => 'case 0.5']],
        ['of 44', $in($both, ['/locations/room/scouted' => ['ways' => [['id' => 'w', 'name' => 'door', 'width_m' => 0.44]]]]), 'breaks fails room', ['way' => 'door']],
        ['the narrowest counts', $in($both, ['/locations/room/scouted' => ['ways' => [
            ['id' => 'v', 'name' => 'gate', 'width_m' => 2], ['id' => 'w', 'name' => 'door', 'width_m' => 0.4],
        ]]]), 'breaks fails room', ['way' => 'door']],
        ['no way is known', $in($both), ''],
    ],
];
