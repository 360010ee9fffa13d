<?php

declare(strict_types=1);

use FineFrame\Tests\Plans;

// Ann looks at Bo; a boom hangs ahead of her, over A's frame.
$bare = Plans::room(8, 7)->sitter('ann', 4, 4.4)->interviewer('bo', 4.5, 1.2)->with(['subjects/ann/looks_at' => 'bo'])->camera('a', 4, 1.6);
$boomed = $bare->boom('boom', 4.1, 4.0, 1.7);
$boomAt = static fn (float $x, float $y, float $z): Plans => $bare->boom('boom', $x, $y, $z);
$school = static fn (string $question, string $answer): array => ["/brief/schools/$question" => $answer];
$site = ['/locations/room/site' => ['latitude_deg' => 59.5, 'longitude_deg' => 10.5, 'time_zone' => 'Europe/Oslo']];
$hours = static fn (string $from, string $to): array => [
    '/shoot/date' => '2026-06-21',
    '/brief/days' => [['id' => 'd', 'name' => 'd', 'date' => '2026-06-21', 'from' => $from, 'to' => $to]],
];
$mic = static fn (array $more = []): array => $more + [
    'id' => 'body',
    'name' => 'body',
    'model' => 'body-omni',
    'person' => 'ann',
    'worn' => 'on the chest',
];
$worn = static fn (Plans $plan, array ...$more): Plans => $plan->with(['mics' => array_map($mic, $more)]);
$track = static fn (array $more = []): array => $more + [
    'id' => 't', 'name' => 't', 'voice' => 'ann', 'source' => 'Boom', 'through' => 'a cable', 'recorder' => 'deck', 'input' => 1,
];
$deck = static fn (array $more = []): array => $more + ['id' => 'deck', 'name' => 'deck', 'x_m' => 3.0, 'y_m' => 1.0, 'phantom' => true];
$taped = static fn (array $tracks = [[]], array $decks = [[]]): Plans => $boomed->with(
    ['tracks' => array_map($track, $tracks), 'recorders' => array_map($deck, $decks)],
);
$link = static fn (string $id, ?float $mhz, array $more = []): array => $more + [
    'id' => $id,
    'name' => $id,
    'from_mhz' => 470,
    'to_mhz' => 698,
] + ($mhz === null ? [] : ['set_mhz' => $mhz]);
$links = static fn (array ...$links): Plans => $bare->with(['links' => $links]);
$afar = static fn (float $mw): Plans => Plans::room(90, 7)
    ->sitter('ann', 4, 4.4)
    ->with([
        'links' => [$link('x', 500.1, ['person' => 'ann', 'power_mw' => $mw])],
        'antennas' => [['id' => 'a1', 'name' => 'aerial', 'serves' => 'the links', 'x_m' => 89, 'y_m' => 0.6, 'height_m' => 2]],
    ]);
$band = Plans::room(10, 8)->stander('ann', 4, 5)->stander('bo', 6, 5)->with(['work' => 'performance, several cameras']);
$part = static fn (string $id, float $minutes, bool $break): array => [
    'id' => $id, 'name' => $id, 'minutes' => $minutes, 'break_before' => $break, 'size' => 'medium',
];
$held = static fn (float $minutes): Plans => $boomed->with(['microphones/boom/stand' => 'by-hand', '/brief/facts' => ['boom_hand' => true]])
    ->row('progress', $part('one', $minutes, false));
$own = static fn (float $x, float $z = 1.9): Plans => Plans::room(10, 8)->sitter('ann', 4, 5)->sitter('cy', $x, 5)->with(
    ['subjects/ann/looks_at' => 'cy', 'subjects/cy/looks_at' => 'ann'],
)
    ->boom('one', 4, 4.6, 1.5, ['subject' => 'ann'])->boom('two', $x, 4.6, 1.5, ['subject' => 'cy']);
$noisy = static fn (float $level): Plans => $boomAt(4.1, 4.0, 1.5)->with(
    ['/locations/room/scouted/noise' => [['id' => 'n', 'name' => 'fan', 'level_dba' => $level]]],
);
$surfaces = static fn (string $of): array => ['/locations/room/space/surfaces' => ['walls' => $of, 'floor' => $of, 'ceiling' => $of]];
$open = ['/locations/room/space/ceiling' => ['kind' => 'none']];
$pair = static fn (float $y): Plans => $band->with(
    ['pairs' => [['id' => 'p', 'name' => 'pair', 'model' => 'cardioid', 'x_m' => 5, 'y_m' => $y]]],
);
$lead = static fn (array $more = []): array => $more + [
    'id' => 'l',
    'name' => 'XLR 10',
    'connector' => 'XLR',
    'length_m' => 10,
    'count' => 2,
];
$feed = static fn (array $more = []): Plans => $taped()
    ->with([
        'feeds' => [
            $more + [
                'id' => 'f', 'name' => 'desk', 'who' => 'Orrin', 'connector' => 'XLR', 'level' => 'microphone',
                'recorder' => 'deck', 'state' => 'agreed',
            ],
        ],
    ]);
$close = ['microphones/boom/x_m' => 4.03, 'microphones/boom/y_m' => 4.2, 'microphones/boom/height_m' => 1.1];

// Ours from ten to twelve; another crew, with X on 500.1 MHz, from an hour on.
$crews = static fn (array $ours, string $from): Plans => $links($ours)->with([
    '/brief/days' => [['id' => 'd', 'name' => 'd', 'date' => '2026-06-05']],
    'from' => '10:00',
    'to' => '12:00',
])->second('other', ['links' => [['name' => 'X'] + $link('x', 500.1)], 'from' => $from, 'to' => '14:00']);

$goes = static fn (float $x, float $y): array => ['id' => 'w', 'name' => 'walk', 'person' => 'ann', 'to_x_m' => $x, 'to_y_m' => $y];
$hung = $bare->boom('boom', 4, 4.0, 1.9);

// Ann with a weak pack, three steps from the antenna in a long hall.
$roams = Plans::room(90, 7)->sitter('ann', 4, 4.4)->with([
    'links' => [$link('x', 2410, ['person' => 'ann', 'power_mw' => 0.5, 'from_mhz' => 2400, 'to_mhz' => 2480])],
    'antennas' => [['id' => 'a1', 'name' => 'aerial', 'serves' => 'the links', 'x_m' => 4, 'y_m' => 1.0, 'height_m' => 2]],
]);

return [
    'asker-stays-off-the-track' => [
        ['far behind the microphone', $boomAt(4.0, 4.1, 1.5), 'holds holds boom+bo'],
        [
            'a lavalier hears all around', $worn($bare->with(['subjects/bo/y_m' => 3.6, 'subjects/bo/x_m' => 4.3]), []),
            'watch fails body+bo',
        ],
        ['from farther it is under', $worn($bare, []), 'holds holds body+bo'],
        ['in the scene, without a track', $boomed->with($school('asker', 'in-the-scene')), 'watch no-track bo'],
        ['in the scene, with one', $worn($boomed->with($school('asker', 'in-the-scene')), ['person' => 'bo']), 'holds own-track bo'],
        ['nobody asks', Plans::room()->sitter('ann', 3, 3)->boom('b', 3, 2.6, 1.6), ''],
    ],
    'bands-are-usual' => [
        ['inside', $links($link('x', 500.1))->with(['/brief/facts/region' => 'Europe']), 'holds holds links', ['count' => '1']],
        ['between', $links($link('x', 900.1, ['to_mhz' => 960]))->with(['/brief/facts/region' => 'Europe']), 'breaks fails x'],
        ['nobody has said where', $links($link('x', 900.1, ['to_mhz' => 960])), ''],
    ],
    'boom-hears-the-front' => [
        ['ahead', $boomed, 'holds holds boom+ann'],
        ['straight over', $boomAt(4.07, 4.2, 1.9), 'holds holds boom+ann'],
        ['from behind', $boomAt(3.9, 4.9, 1.7), 'watch fails boom+ann', [], 'boom-nearest 42 cm'],
        ['just ahead of the ear', $boomAt(4.07, 4.3, 1.6), 'holds holds boom+ann', ['off' => [87, 2.5]]],
        ['just past it', $boomAt(4.07, 4.36, 1.6), 'watch fails boom+ann', ['off' => [95, 3]]],
    ],
    'boom-is-as-near-as-it-can-be' => [
        ['as near as the frame lets it', $boomAt(4.06, 4.09, 1.54), 'holds holds boom'],
        ['half a metre farther', $boomAt(4.3, 3.7, 1.9), 'watch fails boom', ['camera' => 'A'], 'boom-nearest 42 cm'],
        ['by a wider slack', $boomAt(4.3, 3.7, 1.9)->with(['/brief/limits/boom_slack_m' => 1.0]), 'holds holds boom'],
        [
            'nowhere',
            $boomed
                ->with([
                    '/locations/room/space/height_m' => 1.5, 'cameras/a/focal_mm' => 24, 'microphones/boom/height_m' => 1.4,
                    'microphones/boom/stand_height_m' => 1.3, 'cameras/a/y_m' => 0.9,
                ]),
            'watch nowhere boom',
        ],
    ],
    'boom-stays-out-of-frame' => [
        ['above', $boomed, 'holds holds boom+a'],
        ['within the margin', $boomAt(4.1, 4.0, 1.52), 'watch margin boom+a', ['limit' => 0.06], 'raise 7 cm'],
        ['tip in frame', $boomAt(4.1, 4.0, 1.40), 'breaks tip boom+a', [], 'raise 17 cm'],
        [
            'pole across the frame',
            $boomAt(4.1, 4.0, 1.6)
                ->with([
                    'microphones/boom/stand_height_m' => 0.9, 'microphones/boom/stand_x_m' => 5.0, 'microphones/boom/stand_y_m' => 3.4,
                ]),
            'breaks pole boom+a', [], 'boom-nearest 49 cm',
        ],
        ['behind the lens', $boomAt(4.1, 0.9, 1.4), 'holds holds boom+a'],
        ['by a wider margin', $boomed->with(['/brief/limits/boom_margin_m' => 0.4]), 'watch margin boom+a', [], 'raise 23 cm'],
    ],
    'cables-reach' => [
        ['long enough', $taped()->with(['leads' => [$lead(['length_m' => 15])]]), 'holds holds t'],
        ['a spare of it', $taped()->with(['leads' => [$lead(['length_m' => 15])]]), 'holds spare l', ['taken' => '1', 'spare' => '1']],
        ['no spare', $taped()->with(['leads' => [$lead(['length_m' => 15, 'count' => 1])]]), 'watch no-spare l'],
        ['too short, all of them', $taped()->with(['leads' => [$lead(['length_m' => 1, 'count' => 2])]]), 'breaks short t'],
        ['none listed', $taped(), 'watch unlisted t'],
        [
            'one lead for two cables',
            $taped([[], ['id' => 'u', 'source' => 'over', 'input' => 2]])
                ->with([
                    'leads' => [$lead(['length_m' => 15, 'count' => 1])],
                    'mics' => [
                        $mic(['id' => 'over', 'name' => 'over', 'model' => 'cardioid', 'worn' => 'on a stand', 'x_m' => 4, 'y_m' => 3]),
                    ],
                ]),
            'breaks too-few l', ['taken' => '2'],
        ],
        [
            'a jack for many metres',
            $worn($taped([['source' => 'body']], [['connector' => 'small jack']]), ['worn' => 'on a stand', 'x_m' => 5, 'y_m' => 5])
                ->with(['leads' => [$lead(['connector' => 'small jack', 'length_m' => 25])]]),
            'watch unbalanced t',
        ],
        ['from a room whose every wall is a gate', $taped()->with(['leads' => [$lead(['length_m' => 25])], 'microphones/boom/stand_x_m' => 7.6, 'microphones/boom/stand_y_m' => 4.4, 'recorders/deck/x_m' => 0.4, '/locations/room/space/openings' => [
            ...array_map(
                static fn (string $wall, float $m): array => [
                    'id' => "d-$wall", 'name' => "$wall gate", 'kind' => 'door', 'wall' => $wall, 'offset_m' => 0.1,
                    'width_m' => $m, 'sill_m' => 0, 'head_m' => 2.1,
                ],
                ['near', 'right', 'far', 'left'],
                [7.8, 6.8, 7.8, 6.8],
            ),
        ]]), 'watch door t'],
        ['another plug', $taped([[]], [['connector' => 'small jack']])->with(['leads' => [$lead(['length_m' => 15])]]), 'watch adapter t'],
    ],
    'desk-feed-is-agreed' => [
        ['agreed', $feed(), 'holds holds f'],
        ['asked', $feed(['state' => 'asked']), 'watch asked f', ['who' => 'Orrin']],
        ['agreed, and nobody said into what', $feed(['recorder' => '']), 'watch open f', ['open' => 'which recorder takes it']],
        ['another plug', $feed(['connector' => 'small jack']), 'watch connector f'],
        ['a line into what clips at +4', $feed(['level' => 'line']), 'watch hot f'],
        ['a line into what bears it', $feed(['level' => 'line'])->with(['recorders/deck/clips_dbu' => 18]), 'holds holds f'],
        ['music by the house desk, and no feed', $band->with($school('recorder', 'venue-desk')), 'watch none feeds'],
        ['talk asks for none', $bare->with($school('recorder', 'venue-desk')), ''],
    ],
    'every-voice-is-near-a-microphone' => [
        ['nothing placed yet', $bare, 'breaks not-yet ann'],
        ['one voice, one boom', $boomed, ''],
        ['two, with one each', $own(6), ''],
        [
            'two under one',
            Plans::room(10, 8)->sitter('ann', 4, 5)->sitter('cy', 4.9, 5)->boom('one', 4.4, 4.6, 1.8, ['subject' => 'ann']),
            'holds holds cy+one',
        ],
        [
            'two, and one is far',
            Plans::room(10, 8)->sitter('ann', 4, 5)->sitter('cy', 6.5, 5)->boom('one', 4, 4.6, 1.5, ['subject' => 'ann']),
            'watch far cy+one',
        ],
        [
            'two, and one is aside of it',
            Plans::room(10, 8)->sitter('ann', 4, 5)->sitter('cy', 5.2, 5)->boom('one', 3.9, 4.6, 1.4, ['subject' => 'ann']),
            'watch far cy+one', ['under' => [14.4, 0.1]], 'boom-between',
        ],
        [
            'far, and somebody swings it',
            Plans::room(10, 8)
                ->sitter('ann', 4, 5)
                ->sitter('cy', 6.5, 5)
                ->boom('one', 4, 4.6, 1.5, ['subject' => 'ann'])
                ->with(['/brief/facts/boom_hand' => true]),
            'holds swing cy+one',
        ],
        [
            'tracks, and no microphone', Plans::room(10, 8)->sitter('ann', 4, 5)->sitter('cy', 6.5, 5)->with(['tracks' => [$track()]]),
            'breaks none ann',
        ],
        ['music', $band, ''],
    ],
    'formats-agree' => [
        ['alike', $taped(), 'holds holds recorders', ['count' => '1']],
        ['another rate', $taped([[]], [['rate_khz' => 44.1]]), 'watch fails deck', ['rate' => '44.1 kHz'], 'set-rate'],
        ['the rate that was agreed', $taped([[]], [['rate_khz' => 96]])->with(['/brief/facts/rate_khz' => 96]), 'holds holds recorders'],
        ['nothing records', $bare, ''],
    ],
    'inputs-suffice' => [
        ['one of two', $taped(), 'holds holds deck', ['inputs' => '2']],
        [
            'three in two', $taped([[], ['id' => 'u', 'source' => 'x', 'input' => 2], ['id' => 'v', 'source' => 'y', 'input' => null]]),
            'breaks short deck', ['count' => '3'],
        ],
        ['two on one', $taped([[], ['id' => 'u', 'source' => 'x']]), 'breaks twice deck', ['input' => '1']],
        ['an input that is not there', $taped([['input' => 3]]), 'breaks none-such deck', ['input' => '3']],
        ['no power for it', $taped([[]], [['phantom' => false]]), 'breaks phantom deck', ['source' => 'Boom']],
        ['no power needed by air', $taped([['through' => 'a wireless link']], [['phantom' => false]]), 'holds holds deck'],
        [
            'a pair takes two',
            $band
                ->with([
                    'pairs' => [['id' => 'p', 'name' => 'pair', 'model' => 'cardioid', 'x_m' => 5, 'y_m' => 2]],
                    'tracks' => [$track(['source' => 'pair'])], 'recorders' => [$deck(['inputs' => 1])],
                ]),
            'breaks short deck', ['count' => '2'],
        ],
    ],
    'levels-have-headroom' => [
        ['a voice near a boom', $taped(), 'holds holds t+boom'],
        [
            'a loud instrument on a deaf microphone', $taped()->with($close + ['/kit/microphones/short-line/most_db' => 80]),
            'breaks overload t+boom', ['bears' => 80],
        ],
        [
            'a hot microphone',
            $taped()->with($close + ['/kit/microphones/short-line/millivolts' => 200, 'recorders/deck/clips_dbu' => -20]),
            'watch pad t+boom',
        ],
        ['a weak one', $taped()->with(['/kit/microphones/short-line/millivolts' => 0.3]), 'watch weak t+boom'],
        [
            'drums, whose peaks are far over their mean',
            $band
                ->with([
                    'subjects/ann/plays' => 'drums', 'tracks' => [$track(['source' => 'over'])], 'recorders' => [$deck()],
                    'mics' => [
                        $mic(['id' => 'over', 'name' => 'over', 'model' => 'cardioid', 'worn' => 'on a stand', 'x_m' => 4, 'y_m' => 4]),
                    ],
                ]),
            'watch peaks t+over', ['headroom' => -2.0],
        ],
        [
            'drums in float',
            $band
                ->with([
                    'subjects/ann/plays' => 'drums', 'tracks' => [$track(['source' => 'over', 'float' => true])],
                    'recorders' => [$deck()],
                    'mics' => [
                        $mic(['id' => 'over', 'name' => 'over', 'model' => 'cardioid', 'worn' => 'on a stand', 'x_m' => 4, 'y_m' => 4]),
                    ],
                ]),
            'holds holds t+over',
        ],
        ['a hissing one', $taped()->with(['/kit/microphones/short-line/self_noise_dba' => 40]), 'watch hiss t+boom'],
        ['a little headroom', $taped()->with($close + ['/kit/microphones/short-line/most_db' => 99.5]), 'holds holds t+boom'],
    ],
    'links-leave-each-other-alone' => [
        ['one', $links($link('x', 500.1)), 'holds holds links', ['count' => '1']],
        ['two apart', $links($link('x', 500.1), $link('y', 501.0)), 'holds holds links', ['count' => '2']],
        ['two side by side', $links($link('x', 500.1), $link('y', 500.2)), 'breaks near y', ['by' => 'x'], 'set-links'],
        // 2 · 500.6 − 500.1 = 501.1 falls on the third.
        ['what two make of each other', $links($link('x', 500.1), $link('y', 500.6), $link('z', 501.1)), 'breaks fails x', [], 'set-links'],
        [
            'a row of them', $links(...array_map(static fn (int $i): array => $link("l$i", 500 + 0.1 * $i), range(0, 11))),
            'breaks fails l0', [], 'set-many-links',
        ],
        [
            'on what is on the air',
            $links($link('x', 500.1))
                ->with(['/locations/room/scouted/occupied' => [['id' => 'tv', 'name' => 'tv', 'from_mhz' => 498, 'to_mhz' => 506]]]),
            'breaks occupied x', ['what' => 'tv'], 'set-links',
        ],
        [
            'beside what is on the air',
            $links($link('x', 507))
                ->with(['/locations/room/scouted/occupied' => [['id' => 'tv', 'name' => 'tv', 'from_mhz' => 498, 'to_mhz' => 506]]]),
            'holds holds links',
        ],
        ['another crew on the same carrier', $crews($link('x', 500.1), '11:00'), 'breaks near x', ['by' => 'X in Other'], 'set-links'],
        ['another crew beside it', $crews($link('x', 500.2), '11:00'), 'breaks near x', ['by' => 'X in Other'], 'set-links'],
        ['another crew well apart', $crews($link('x', 501.0), '11:00'), 'holds holds links', ['count' => '1']],
        ['another crew afterwards', $crews($link('x', 500.1), '12:00'), 'holds holds links', ['count' => '1']],
        ['not set yet', $links($link('x', null)), 'watch open links', ['count' => '1']],
        ['none', $bare, ''],
    ],
    'links-reach' => [
        ['beside the antenna', $roams, 'holds holds x'],
        [
            'away from the antenna on a walk', $roams->row('walks', ['person' => 'ann', 'to_x_m' => 88, 'to_y_m' => 4.4]),
            'breaks fails x', ['distance' => [84, 1]],
        ],
        [
            'and back again', $roams->row('walks', ['person' => 'ann', 'to_x_m' => 88, 'to_y_m' => 4.4])
                ->row('walks', ['person' => 'ann', 'to_x_m' => 4, 'to_y_m' => 4.4]),
            'breaks fails x', ['distance' => [84, 1]],
        ],
        [
            'across the room',
            $links($link('x', 500.1, ['person' => 'ann']))
                ->with([
                    'antennas' => [[
                        'id' => 'a1', 'name' => 'aerial', 'serves' => 'the links', 'x_m' => 4, 'y_m' => 0.6, 'height_m' => 2,
                    ]],
                ]),
            'holds holds x',
        ],
        [
            'with hardly any power',
            $afar(0.1)->with(['links/x/from_mhz' => 2400, 'links/x/to_mhz' => 2480, 'links/x/set_mhz' => 2410]),
            'breaks fails x',
        ],
        [
            'beside a sender of pictures',
            $links()
                ->with([
                    'antennas' => [
                        ['id' => 'a1', 'name' => 'aerial', 'serves' => 'the links', 'x_m' => 4, 'y_m' => 0.6],
                        ['id' => 'v', 'name' => 'sender', 'serves' => 'the video sender', 'x_m' => 5.4, 'y_m' => 0.6],
                    ],
                ]),
            'watch beside a1+v', ['distance' => 1.4],
        ],
        [
            'apart from it',
            $links()
                ->with([
                    'antennas' => [
                        ['id' => 'a1', 'name' => 'aerial', 'serves' => 'the links', 'x_m' => 4, 'y_m' => 0.6],
                        ['id' => 'v', 'name' => 'sender', 'serves' => 'the video sender', 'x_m' => 5.6, 'y_m' => 0.6],
                    ],
                ]),
            'holds apart a1+v',
        ],
        ['with just enough', $afar(3.4), 'holds holds x'],
        ['with a little less', $afar(3.0), 'watch fails x'],
        [
            'with an antenna that nobody has placed',
            $links($link('x', 500.1, ['person' => 'ann', 'power_mw' => 0.1]))
                ->with(
                    [
                        'antennas' => [
                            ['id' => 'a0', 'name' => 'spare', 'serves' => 'the links'],
                            ['id' => 'v', 'name' => 'sender', 'serves' => 'the video sender', 'x_m' => 5.4, 'y_m' => 0.6],
                        ],
                    ],
                ),
            '',
        ],
    ],
    'microphones-are-as-chosen' => [
        ['boom first', $taped()->with($school('recorder', 'recorder-if-any')), 'holds holds ann+schools'],
        [
            'boom first, and none',
            $worn($bare, [])->with(['tracks' => [$track(['source' => 'body'])]] + $school('recorder', 'recorder-if-any')),
            'watch no-boom ann+schools',
        ],
        ['body first, and none', $taped()->with($school('microphone', 'body-first')), 'watch no-body ann+schools'],
        [
            'body first', $worn($taped(), [])->with($school('microphone', 'body-first') + $school('recorder', 'recorder-if-any')),
            'holds holds ann+schools',
        ],
        ['a feed to the camera is wanted', $taped(), 'watch no-feed ann+schools'],
        ['a feed to the camera', $taped([[], ['id' => 'u', 'recorder' => 'camera A']]), 'holds holds ann+schools'],
        ['into the camera', $taped()->with($school('recorder', 'camera')), 'watch no-camera ann+schools'],
        ['on the speaker', $taped()->with($school('recorder', 'on-the-speaker')), 'watch not-on-them ann+schools'],
        ['no tracks', $boomed, ''],
    ],
    'others-are-three-times-as-far' => [
        ['far apart', $own(6), 'holds holds one+two'],
        ['side by side', $own(4.9), 'watch fails one+two', [], 'boom-nearest 15 cm'],
        ['one of them a spare', $worn($boomed, ['spare' => true]), ''],
        ['at three times as far to the digit', $own(5.46), 'watch fails one+two'],
    ],
    'packs-outlast-the-day' => [
        // Six hours, less a fifth: 288 minutes.
        [
            'long enough',
            $links($link('x', 500.1, ['hours' => 6]))->with(['/brief/days' => [['id' => 'd', 'name' => 'd', 'minutes' => 288]]]),
            'holds holds x', ['sets' => '1'],
        ],
        [
            'with a fresh set',
            $links($link('x', 500.1, ['hours' => 6, 'sets' => 2]))
                ->with([
                    '/brief/days' => [['id' => 'd', 'name' => 'd', 'minutes' => 400]],
                    'progress' => [['id' => 'p', 'name' => 'p', 'minutes' => 60]],
                ]),
            'holds change x', ['sets' => '2'],
        ],
        [
            'without one',
            $links($link('x', 500.1, ['hours' => 6]))
                ->with([
                    '/brief/days' => [['id' => 'd', 'name' => 'd', 'minutes' => 400]],
                    'progress' => [['id' => 'p', 'name' => 'p', 'minutes' => 60]],
                ]),
            'watch short x', ['minutes' => '288'],
        ],
        [
            'in the middle of a take',
            $links($link('x', 500.1, ['hours' => 1, 'sets' => 9]))
                ->with(['progress' => [['id' => 'p', 'name' => 'p', 'minutes' => 49]]]),
            'breaks in-the-take x', ['minutes' => '48'],
        ],
        [
            'nobody has said how long it lasts',
            $links($link('x', 500.1))->with(['/brief/days' => [['id' => 'd', 'name' => 'd', 'minutes' => 288]]]), '',
        ],
    ],
    'pair-hears-the-width' => [
        ['as wide as it hears', $pair(3.8), 'holds holds p'],
        ['from afar they huddle', $pair(0.6), 'watch narrow p', [], 'move 2.16 m'],
        ['from within they pile up', $pair(4.7), 'watch wide p', [], 'move 51 cm'],
        [
            'one player',
            Plans::room()
                ->stander('ann', 3, 3)
                ->with([
                    'work' => 'performance, several cameras',
                    'pairs' => [['id' => 'p', 'name' => 'pair', 'model' => 'cardioid', 'x_m' => 3, 'y_m' => 1]],
                ]),
            '',
        ],
        ['set wide apart and square', $pair(3.0)->with(['pairs/p/spacing_m' => 0.3, 'pairs/p/angle_deg' => 90]), 'holds holds p'],
    ],
    'pictures-can-be-synced' => [
        ['nobody has said how', $taped(), 'watch open sync'],
        ['by timecode', $taped()->with(['/brief/facts/sync' => 'timecode']), 'holds timecode sync'],
        ['by a clap', $taped()->with(['/brief/facts/sync' => 'a clap']), 'holds holds a+sync'],
        // A frame at 25 a second is 13.7 m of sound.
        [
            'by a clap from afar',
            Plans::room(8, 20)
                ->sitter('ann', 4, 16)
                ->camera('a', 4, 1.6)
                ->with(['tracks' => [$track()], '/brief/facts/sync' => 'a clap']),
            'watch fails a+sync', ['frames' => [1.04, 0.02]],
        ],
        ['nothing records', $boomed, ''],
    ],
    'pole-reaches' => [
        ['long enough', $boomed, 'holds holds boom', ['limit' => 3.0]],
        [
            'too short', $boomed->with(['microphones/boom/stand_x_m' => 7.2]), 'breaks fails boom', ['needed' => [3.37, 0.02]],
            'move-stand 44 cm',
        ],
        [
            'a shorter pole', $boomed->with(['microphones/boom/pole' => 'pole-2', 'microphones/boom/stand_x_m' => 6.2]),
            'breaks fails boom', ['limit' => 2.0], 'move-stand 44 cm',
        ],
    ],
    'quiet-hours-are-used' => [
        ['quiet all day', $noisy(20)->with($site + $hours('10:00', '12:00')), 'holds holds quiet-hours'],
        [
            'loud now, quiet later',
            $noisy(60)
                ->with(
                    [
                        '/locations/room/scouted/noise/n/runs_from' => '09:00',
                        '/locations/room/scouted/noise/n/runs_to' => '13:00',
                    ] + $site + $hours(
                        '10:00', '12:00',
                    ),
                ),
            'watch other quiet-hours', [], 'shift-hours',
        ],
        ['loud always', $noisy(60)->with($site + $hours('10:00', '12:00')), 'watch never quiet-hours'],
        ['no noise written down', $boomed->with($site + $hours('10:00', '12:00')), ''],
    ],
    'room-tone-is-planned' => [
        ['planned', $taped()->with(['/brief/facts/room_tone' => true]), 'holds holds room-tone'],
        ['forgotten', $taped(), 'watch fails room-tone', [], 'plan-room-tone'],
        ['nothing records', $boomed, ''],
    ],
    'somebody-listens' => [
        ['nobody', $taped(), 'watch nobody levels'],
        ['somebody', $taped([['watched_by' => 'Dee']]), 'holds holds levels'],
        ['whoever is at the camera has no ear free', $taped([['watched_by' => 'whoever is at A']]), 'watch nobody levels'],
        ['a wide recording is wanted', $taped()->with($school('levels', 'wide-range')), 'watch narrow levels'],
        ['a wide recording', $taped([['float' => true]])->with($school('levels', 'wide-range')), 'holds holds levels'],
        ['glances, and a lower track', $taped()->with($school('levels', 'glances')), 'holds lower levels', ['count' => '1']],
        ['nothing records', $boomed, ''],
    ],
    'tracks-name-what-is-placed' => [
        ['by its name', $worn($taped(), []), 'holds holds t'],
        ['by none', $worn($taped([['source' => 'the other boom']]), []), 'watch source t'],
        ['into none', $taped([['recorder' => 'desk']]), 'watch recorder t'],
        ['from a feed', $worn($feed()->with(['tracks/t/source' => 'desk']), []), 'holds holds t'],
    ],
    'two-microphones-are-aligned' => [
        ['a boom and a lavalier', $worn($boomed, []), 'holds holds body+boom'],
        ['one alone', $boomed, ''],
    ],
    'voice-has-two-ways' => [
        ['no sheet, and nothing placed', $bare, ''],
        ['no sheet, and one boom', $boomed, 'watch placed-one ann+tracks'],
        ['no sheet, a boom and one that is worn', $boomed
            ->row('mics', ['id' => 'lav', 'name' => 'lav', 'model' => 'body-omni', 'person' => 'ann', 'worn' => 'on the chest']),
            'holds placed ann+tracks', ['count' => '2']],
        [
            'two',
            $worn(
                $taped([
                    ['watched_by' => 'Dee'],
                    [
                        'id' => 'u', 'source' => 'body', 'through' => 'a wireless link', 'link' => 'x', 'recorder' => 'camera A',
                        'watched_by' => 'Dee',
                    ],
                ]),
                [],
            ),
            'holds holds ann+tracks', ['count' => '2'],
        ],
        ['one', $taped(), 'watch fails ann+tracks', ['count' => '1']],
        ['none', $taped([['voice' => 'bo', 'watched_by' => 'Dee']]), 'breaks none ann+tracks'],
        ['nobody watches it', $taped(), 'watch unwatched t'],
        ['a float recording watches itself', $taped([['float' => true]]), 'watch fails ann+tracks'],
    ],
    'voice-is-nearer-than-the-room' => [
        ['dry', $boomAt(4.1, 4.0, 1.5)->with($surfaces('carpet')), 'holds holds boom+ann'],
        ['in stone', $boomAt(4.3, 3.7, 1.9)->with($surfaces('stone')), 'watch fails boom+ann', [], 'boom-nearest 42 cm'],
        ['from afar in stone', $boomAt(4.1, 2.0, 2.4)->with($surfaces('stone')), 'breaks room boom+ann', [], 'boom-nearest 42 cm'],
        ['nobody has said of what it is', $boomed, ''],
        ['in the open', $boomed->with($surfaces('stone') + $open), ''],
        ['hardly farther than is dry', $boomAt(4.1, 3.9, 1.9)->with($surfaces('carpet')), 'holds holds boom+ann'],
    ],
    'voice-stands-over-the-noise' => [
        ['over a whisper', $noisy(35), 'holds holds boom+ann'],
        ['over a fan', $noisy(52), 'watch fails boom+ann'],
        ['over traffic', $noisy(62), 'breaks fails boom+ann'],
        ['under a saw', $noisy(80), 'breaks drowned boom+ann'],
        ['nothing runs', $boomed, ''],
    ],
    'wind-is-kept-off' => [
        ['indoors', $boomed, ''],
        ['fur in a breeze', $boomed->with($open + ['microphones/boom/cover' => 'fur']), 'holds holds boom', ['wind' => 4]],
        [
            'foam in a breeze', $boomed->with($open + ['microphones/boom/cover' => 'foam']), 'watch fails boom', ['wants' => 'fur'],
            'cover-wind',
        ],
        [
            'foam in still air', $boomed->with($open + ['microphones/boom/cover' => 'foam', '/brief/facts/wind_mps' => 2.0]),
            'holds holds boom',
        ],
        [
            'foam in hardly more', $boomed->with($open + ['microphones/boom/cover' => 'foam', '/brief/facts/wind_mps' => 2.1]),
            'watch fails boom', [], 'cover-wind',
        ],
        ['nothing', $boomed->with($open), 'breaks fails boom', ['cover' => 'nothing'], 'cover-wind'],
        [
            'a gale', $boomed->with($open + ['microphones/boom/cover' => 'basket and fur', '/brief/facts/wind_mps' => 13]),
            'breaks fails boom', ['wants' => 'another day'],
        ],
        ['bare in still air', $boomed->with($open + ['/brief/facts/wind_mps' => 0.35]), 'breaks fails boom'],
        [
            'fur in a strong breeze', $boomed->with($open + ['microphones/boom/cover' => 'fur', '/brief/facts/wind_mps' => 6.5]),
            'watch fails boom',
        ],
    ],
    'boom-is-held' => [
        ['somebody holds it', $held(8), 'holds holds boom', ['minutes' => '8 min']],
        ['for too long', $held(20), 'watch tires boom', ['limit' => '12 min'], 'put-on'],
        ['with a break between', $held(10)->row('progress', $part('two', 10, true)), 'holds holds boom', ['minutes' => '10 min']],
        ['and none', $held(10)->row('progress', $part('two', 10, false)), 'watch tires boom'],
        ['by one’s own limit', $held(20)->with(['/brief/limits/boom_hold_min' => 25]), 'holds holds boom'],
        ['nobody is said to', $held(8)->with(['/brief/facts' => []]), 'watch nobody boom', [], 'somebody-booms'],
        ['on a stand, and somebody is', $held(8)->with(['microphones/boom/stand' => 'boom-stand']), 'watch stands boom'],
        ['on a stand', $held(8)->with(['microphones/boom/stand' => 'boom-stand', '/brief/facts' => []]), ''],
    ],
    'worn-microphones-are-quiet' => [
        ['with a way for its cable', $worn($bare, ['route' => 'under the shirt']), 'holds holds body'],
        ['without', $worn($bare, []), 'holds route body'],
        ['under a scarf', $worn($bare, ['caution' => 'a scarf or stiff cloth']), 'watch rubs body', ['what' => 'a scarf or stiff cloth']],
        ['on a stand', $worn($bare, ['worn' => 'on a stand', 'x_m' => 4, 'y_m' => 3]), ''],
    ],
    'walk-keeps-its-voice' => [
        ['nobody walks', $hung, ''],
        ['nobody hears', $bare->row('walks', $goes(6, 4.4)), ''],
        ['a step from the boom', $hung->row('walks', $goes(4.3, 4.4)), 'holds holds ann+w+boom'],
        ['away from the boom', $hung->row('walks', $goes(6, 4.4)), 'watch fails ann+w+boom'],
        ['away from the boom that somebody holds', $hung->row('walks', $goes(6, 4.4))->with(['/brief/facts' => ['boom_hand' => true]]),
            'holds holds ann+w+boom', ['falls' => 0]],
        ['with one that is worn', $hung->row('walks', $goes(6, 4.4))
            ->row('mics', ['id' => 'lav', 'name' => 'lav', 'model' => 'body-omni', 'person' => 'ann', 'worn' => 'on the chest']),
            'holds holds ann+w+lav', ['falls' => 0]],
    ],
];
