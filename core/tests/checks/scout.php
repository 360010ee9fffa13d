<?php

declare(strict_types=1);

use FineFrame\Tests\Plans;

$room = Plans::room()->sitter('ann', 3, 3);
/** One list of what was scouted. */
$scouted = static fn (string $list, array ...$rows): Plans => $room
    ->with([
        "/locations/room/scouted/$list" => array_map(
            static fn (array $r, int $i): array => $r + ['id' => $list[0].$i, 'name' => "$list $i"], $rows, array_keys($rows),
        ),
    ]);
$site = ['/locations/room/site' => ['latitude_deg' => 59.5, 'longitude_deg' => 10.5, 'time_zone' => 'Europe/Oslo']];
$day = static fn (string $date, string $from, string $to): array => [
    '/shoot/date' => $date,
    '/brief/days' => [['id' => 'd', 'name' => 'd', 'date' => $date, 'from' => $from, 'to' => $to]],
];
$way = static fn (array $way, array $facts = []): Plans => $scouted('ways', $way)->with(['/brief/facts' => $facts]);
$metered = static fn (float $lux, array $more = []): Plans => $scouted('light', $more + ['under' => 'daylight', 'lux' => $lux]);
$noise = static fn (array ...$rows): Plans => $scouted('noise', ...$rows);
$noisy = static fn (float $level, array $more = []): array => $more + ['level_dba' => $level];
$circuit = static fn (float $amps, array $more = []): array => $more + [
    'breaker_a' => $amps,
    'volts' => 230,
    'ours' => 'yes',
    'already_a' => 0,
];
$lit = static fn (
    Plans $plan,
    int ...$watts,
): Plans => array_reduce(array_keys($watts), static fn (Plans $p, int $i): Plans => $p->lamp(
    "l$i",
    0.6 + 0.15 * $i,
    1,
    null,
    ['fixture' => "w$watts[$i]"],
),
    $plan->with(
        [
            '/kit/fixtures' => array_map(
                static fn (int $w): array => [
                    'id' => "w$w", 'name' => "lamp of $w W", 'watts' => $w, 'width_m' => 0.3, 'height_m' => 0.3,
                    'depth_m' => 0.2, 'lux_at_1m' => 1000, 'lowest_dim' => 0.02,
                ],
                array_values(array_unique($watts)),
            ),
        ],
    ));
$surfaces = static fn (string $of, string $floor = 'stone'): array => [
    '/locations/room/space/surfaces' => ['walls' => $of, 'floor' => $floor, 'ceiling' => $of],
];
$known = $room->with([
    '/locations/room/scouted' => array_map(
        static fn (array $row): array => [$row + ['id' => 'x', 'name' => 'x']],
        [
            'photos' => ['file' => 'x.jpg', 'width_px' => 100, 'height_px' => 100],
            'light' => ['under' => 'daylight', 'lux' => 200],
            'colour' => ['kelvin' => 5600],
            'noise' => ['level_dba' => 30],
            'circuits' => ['breaker_a' => 16, 'volts' => 230],
            'ways' => ['width_m' => 1],
            'askings' => ['state' => 'agreed'],
        ],
    ),
    '/locations/room/facts' => ['contact' => 'Orrin', 'in_from' => '08:00', 'detectors' => 'none', 'seen' => 'visited'],
] + $site);
$sunny = static fn (
    float $y,
    string $from,
    string $to,
    string $date = '2026-12-21',
): Plans => Plans::room(6, 7)->sitter('ann', 3, $y)->window('w', 'near', 2.5, 1.0)->with($site + $day($date, $from, $to));
$haze = static fn (string $detectors, array $more = []): Plans => $room->with(
    ['/brief/schools/haze' => 'throughout', '/locations/room/facts' => ['detectors' => $detectors]] + $more,
);

return [
    'gear-comes-in' => [
        // A cart is 65 cm wide and wants 6 cm for hands; a case is 45 cm wide and 1.25 m long.
        ['a wide door', $way(['kind' => 'door', 'width_m' => 0.72]), 'holds holds room+w0', ['cart' => 0.65]],
        ['a narrow door', $way(['kind' => 'door', 'width_m' => 0.70]), 'watch bags room+w0'],
        ['a gap for bags', $way(['kind' => 'door', 'width_m' => 0.52]), 'watch bags room+w0', ['case' => 0.45]],
        ['a gap for nothing', $way(['kind' => 'gate', 'width_m' => 0.50]), 'breaks fails room+w0'],
        ['stairs', $way(['kind' => 'stairs', 'width_m' => 1.2, 'steps' => 22]), 'watch stairs room+w0', ['steps' => '22']],
        ['a lift as deep as the cart', $way(['kind' => 'lift', 'width_m' => 0.9, 'depth_m' => 1.15]), 'holds holds room+w0'],
        ['a lift that is not', $way(['kind' => 'lift', 'width_m' => 0.9, 'depth_m' => 1.05]), 'watch bags room+w0'],
        ['a tight turn', $way(['kind' => 'turn', 'width_m' => 0.8, 'depth_m' => 0.8]), 'breaks fails room+w0', ['long' => 1.25]],
        // (w^⅔ + d^⅔)^(3/2) of two ways of 47 cm beside the case is 1.33 m.
        ['a turn that a case goes round', $way(['kind' => 'turn', 'width_m' => 0.92, 'depth_m' => 0.92]), 'watch bags room+w0'],
        ['a small cart of one’s own', $way(['kind' => 'door', 'width_m' => 0.60], ['cart_width_m' => 0.5]), 'holds holds room+w0'],
        ['nobody has measured it', $way(['kind' => 'door']), ''],
    ],
    'lamps-match-the-camera' => [
        // 10⁶/4912 − 10⁶/5600 = 25.0 mired.
        ['like the cameras', $scouted('colour', ['kelvin' => 4930]), 'holds holds room+c0', ['gap' => [24.3, 0.1]]],
        ['just off', $scouted('colour', ['kelvin' => 4890]), 'watch fails room+c0', ['gap' => [25.9, 0.1]]],
        ['far off, and something is planned', $scouted('colour', ['kelvin' => 3000, 'plan' => 'gel']), 'holds planned room+c0'],
        ['far off, and kept', $scouted('colour', ['kelvin' => 3000, 'plan' => 'keep as it is']), 'watch kept room+c0'],
        ['green', $scouted('colour', ['kelvin' => 5600, 'duv' => 0.0061]), 'watch tinted room+c0'],
        ['hardly green', $scouted('colour', ['kelvin' => 5600, 'duv' => 0.0059]), 'holds holds room+c0'],
        [
            'of cameras set to lamps', $scouted('colour', ['kelvin' => 3200])->with(['/brief/facts/white_balance_k' => 3200]),
            'holds holds room+c0',
        ],
        [
            'daylight lamps, and cameras set to tungsten',
            $scouted('colour', ['kelvin' => 5500])->with(['/brief/facts/white_balance_k' => 3200]), 'watch fails room+c0',
            ['gel' => '¾ amber'],
        ],
        ['tungsten lamps', $scouted('colour', ['kelvin' => 3200]), 'watch fails room+c0', ['gel' => 'full blue']],
        ['nobody has metered it', $scouted('colour', ['plan' => 'undecided']), ''],
        ...array_map(
            static fn (int $kelvin, int $balance, string $gel): array => [
                "$gel, rather than the next",
                $scouted('colour', ['kelvin' => $kelvin])->with(['/brief/facts/white_balance_k' => $balance]),
                'watch fails room+c0',
                ['gel' => $gel],
            ],
            [6154, 5141, 3766, 3406, 4192, 4865],
            [3200, 3200, 3200, 5600, 5600, 5600],
            ['full amber', '½ amber', '¼ amber', 'full blue', '½ blue', '¼ blue'],
        ),
    ],
    'natural-light-is-enough' => [
        // ISO 800, T2.8 at 1/50 s wants 330 · 2.8² · 50 / 800 = 161.7 lux; a third of a stop less is 127.8.
        ['enough', $metered(128), 'holds holds room+l0', ['short' => [0.337, 0.003]]],
        ['not quite', $metered(127), 'watch fails room+l0', ['short' => [0.349, 0.003]], 'iso 1100'],
        ['plenty', $metered(330), 'holds plenty room+l0'],
        ['not yet plenty', $metered(320), 'holds holds room+l0'],
        ['until the sun sets', $metered(400)->with($site + $day('2026-12-21', '14:00', '17:00')), 'watch fades room+l0'],
        ['by night', $metered(400)->with($site + $day('2026-12-21', '19:00', '20:00')), 'watch dark room+l0'],
        ['by lamps it is no daylight', $metered(400, ['under' => 'room lamps']), ''],
    ],
    'nothing-is-left-open' => [
        ['agreed', $scouted('askings', ['state' => 'agreed']), 'holds holds room+a0'],
        ['open', $scouted('askings', ['state' => 'open']), 'watch fails room+a0'],
        [
            'asked, and due', $scouted('askings', ['state' => 'asked', 'due' => '2026-06-01', 'who' => 'Orrin']), 'watch due room+a0',
            ['who' => 'Orrin'],
        ],
        ['refused', $scouted('askings', ['state' => 'refused']), 'breaks refused room+a0'],
        ['a hazard', $scouted('hazards', []), 'watch hazard room+h0'],
        ['a hazard seen to', $scouted('hazards', ['settled' => true]), 'holds hazard-settled room+h0'],
        ['haze under smoke detectors', $haze('smoke'), 'breaks haze room+haze'],
        ['haze, and nobody knows', $haze('unknown'), 'watch haze room+haze'],
        ['haze without detectors', $haze('none'), 'holds haze-settled room+haze'],
        [
            'haze, and those who run the alarms agree',
            $haze(
                'smoke',
                [
                    '/locations/room/scouted/askings' => [[
                        'id' => 'a', 'name' => 'a', 'about' => 'haze and alarms', 'state' => 'agreed',
                    ]],
                ],
            ),
            'holds haze-settled room+haze',
        ],
        ['nothing to ask', $room, ''],
    ],
    'place-is-known' => [
        ['all of it', $known, 'holds holds room'],
        [
            'all but who to call', $known->with(['/locations/room/facts/contact' => '']), 'watch visited room',
            ['known' => 11 / 12, 'unknown' => 'a contact'],
        ],
        [
            'unseen', $known->with(['/locations/room/facts/contact' => '', '/locations/room/facts/seen' => 'by pictures']),
            'watch unseen room',
        ],
        ['a new room', $room, 'watch unseen room', ['known' => 1 / 12]],
    ],
    'place-is-quiet-enough' => [
        // A calm voice half a metre away is 66 dB(A): 25 over 41.
        ['a refrigerator', $noise($noisy(41)), 'holds holds room', ['margin' => [25.02, 0.01]]],
        ['a little louder', $noise($noisy(41.1)), 'watch alone room', ['margin' => [24.92, 0.01]]],
        ['loud', $noise($noisy(51.1)), 'breaks alone room', ['margin' => [14.92, 0.01]]],
        ['two together', $noise($noisy(40), $noisy(40)), 'watch fails room', ['level' => [43.01, 0.01], 'gain' => [26.02, 0.01]]],
        ['louder than the voice', $noise($noisy(67)), 'breaks drowned-alone room', ['under' => [0.98, 0.01]]],
        ['louder, with another below it', $noise($noisy(67), $noisy(40)), 'breaks drowned room'],
        ['louder, with another as loud', $noise($noisy(67), $noisy(67)), 'breaks drowned-still room'],
        ['it cannot stop', $noise($noisy(45, ['can_stop' => 'no'])), 'watch stays room'],
        ['louder than the voice, and cannot stop', $noise($noisy(67, ['can_stop' => 'no'])), 'breaks drowned-stays room'],
        ['settled', $noise($noisy(67, ['settled' => true])), 'holds silent room'],
        [
            'at other hours',
            $noise($noisy(67, ['runs_from' => '18:00', 'runs_to' => '20:00']))->with($day('2026-06-21', '10:00', '12:00')),
            'holds silent room',
        ],
        [
            'across midnight',
            $noise($noisy(67, ['runs_from' => '22:00', 'runs_to' => '02:00']))->with($day('2026-06-21', '23:30', '01:00')),
            'breaks drowned-alone room', ['hours' => '22:00–02:00'],
        ],
        ['none written down', $room, ''],
    ],
    'power-carries-the-lamps' => [
        // 16 A · 0.8 · 230 V = 2944 W.
        ['just enough', $lit($scouted('circuits', $circuit(16)), 2900), 'holds holds room', ['free' => 2944, 'watts' => 2900]],
        ['too much for one', $lit($scouted('circuits', $circuit(16)), 3000), 'breaks too-large room', ['takes' => 3000]],
        ['two on one', $lit($scouted('circuits', $circuit(16)), 1500, 1500), 'breaks fails room', ['free' => 2944]],
        ['two on two', $lit($scouted('circuits', $circuit(10), $circuit(10)), 1500, 1500), 'holds holds room', ['largest' => 1840]],
        ['no way of parting them', $lit($scouted('circuits', $circuit(10), $circuit(10)), 1200, 1200, 1200), 'breaks parts room'],
        [
            'a circuit that may not be ours', $lit($scouted('circuits', $circuit(16, ['ours' => 'unknown'])), 1500),
            'watch unsure room', ['unsure' => 'circuits 0'],
        ],
        [
            'a circuit of which nobody knows what hangs on it',
            $lit($scouted('circuits', ['breaker_a' => 16, 'volts' => 230, 'ours' => 'yes']), 1500), 'watch unsure room',
        ],
        [
            'a circuit that is not ours', $lit($scouted('circuits', $circuit(10), $circuit(32, ['ours' => 'no'])), 2000),
            'breaks too-large room', ['largest' => 1840],
        ],
        ['drawn already', $lit($scouted('circuits', $circuit(16, ['already_a' => 6.4])), 1500), 'breaks too-large room', ['free' => 1472]],
        [
            'by a share of one’s own', $lit($scouted('circuits', $circuit(16)), 3000)->with(['/brief/limits/power_share' => 1.0]),
            'holds holds room', ['free' => 3680],
        ],
        [
            'so many that no moment is enough to part them',
            $lit(
                $scouted('circuits', ...array_map($circuit, [10, 11, 12, 13, 14, 15, 16])),
                ...array_map(static fn (int $i): int => 501 + 37 * $i % 83, range(0, 29)),
            ),
            'watch tight room',
        ],
        ['nobody has looked', $lit($room, 3000), ''],
        ['no lamps', $scouted('circuits', $circuit(16)), ''],
    ],
    'room-is-not-too-hard' => [
        ['nobody has said of what it is', $room, ''],
        ['stone all round', $room->with($surfaces('stone')), 'breaks fails room', [], 'hang-blankets'],
        ['panelled and carpeted', $room->with($surfaces('wood-panel', 'carpet')), 'holds holds room', ['volume' => 90]],
        [
            'panelled, by a closer limit', $room->with($surfaces('wood-panel', 'carpet') + ['/brief/limits/echo_watch_s' => 0.3]),
            'watch fails room', ['limit' => 0.3], 'hang-blankets',
        ],
        [
            'music bears twice as much', $room->with($surfaces('wood-panel', 'stone') + ['/brief/kind' => 'performance, duo']),
            'holds holds room', ['limit' => 1.4],
        ],
        ['talk does not', $room->with($surfaces('wood-panel', 'stone')), 'watch fails room', ['limit' => 0.7], 'hang-blankets'],
        ['in the open', $room->with($surfaces('stone') + ['/locations/room/space/ceiling' => ['kind' => 'none']]), ''],
    ],
    'sun-stays-off-the-face' => [
        // 21 December at 59.5° north: the sun is 7° up at noon and reaches far in, straight through the middle of the window.
        ['into the face at noon', $sunny(3, '12:00', '12:40'), 'breaks fails room+sun-0', [], 'draw-curtain'],
        ['before it comes', $sunny(3, '09:30', '10:00'), 'holds holds room+sun-0'],
        ['high summer: it does not reach so far', $sunny(3, '13:00', '14:00', '2026-06-21'), 'holds holds room+sun-0'],
        ['high summer, at the window', $sunny(0.5, '13:00', '14:00', '2026-06-21'), 'breaks fails room+sun-0', [], 'draw-curtain'],
        ['at some time of a day whose hours are open', $sunny(3, '', ''), 'watch some-time room+sun-0', [], 'draw-curtain'],
        [
            'by two windows, one after the other',
            Plans::room(6, 7)
                ->sitter('ann', 3, 3)
                ->window('w', 'near', 2.5, 1.0)
                ->window('v', 'near', 3.8, 0.8)
                ->with($site + $day('2026-12-21', '11:00', '12:40')),
            'breaks fails room+sun-0', ['times' => '11:00–11:09 and 11:33–12:40'], 'draw-curtains',
        ],
        [
            'behind a curtain', $sunny(3, '12:00', '12:40')->with(['/locations/room/space/openings/w/curtain' => 'blackout']),
            'holds holds room+sun-0',
        ],
        ['nobody has said where it is', $room, ''],
    ],
];
