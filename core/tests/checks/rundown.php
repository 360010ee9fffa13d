<?php

declare(strict_types=1);

use FineFrame\Tests\Plans;

// A talk recorded from 11:00 to 12:00, with one lamp, one camera and one boom, by one pair of hands: a place 50 km off, open from nine.
$day = static fn (string $from, string $to, array $facts = [], int $hands = 1): Plans => Plans::room(8, 7)->sitter('ann', 4, 4.4)
    ->camera('a', 4, 1, 'ann')->lamp('l', 2, 2, 'ann', ['height_m' => 1.6])->boom('boom', 4, 4, 2.0)->with([
        '/brief/days' => [['id' => 'd', 'name' => 'd', 'date' => '2026-06-21', 'from' => $from, 'to' => $to]],
        '/brief/facts/hands' => $hands,
        '/locations/room/facts' => $facts + ['distance_km' => 50, 'carry_m' => 30, 'in_from' => '09:00', 'out_by' => '17:00'],
    ]);
$typed = static fn (Plans $plan, array $row): Plans => $plan->with(['/brief/tasks' => [$row + ['id' => 't', 'name' => '']]]);

// Two who play, a wide that has both and a camera on the first; one section of a minute.
$map = static fn (array ...$rows): array => array_map(
    static fn (array $r, int $i): array => $r + ['id' => "s$i", 'name' => "part $i", 'from_s' => 60 * $i, 'to_s' => 60 * $i + 60],
    $rows, array_keys($rows),
);
$band = static fn (array $sections = [[]], array $a = []): Plans => Plans::room(9, 8)->with([
    '/brief/kind' => 'performance, duo', 'sections' => $map(...$sections),
    '/brief/days' => [['id' => 'd', 'name' => 'd', 'date' => '2026-06-21', 'from' => '11:00', 'to' => '12:00']],
])->sitter('ann', 3.6, 5)->sitter('bob', 5.4, 5)
    ->camera('a', 3.6, 2, 'ann', $a + ['focal_mm' => 50])->camera('w', 4.5, 1, null, [
        'focal_mm' => 24, 'role' => 'locked on everybody', 'aim' => ['mode' => 'free', 'bearing_deg' => 0, 'tilt_deg' => -3],
    ]);
$alone = static fn (Plans $plan): Plans => $plan->with(['cameras/w/role' => 'roving', 'rolls' => [['id' => 'r', 'name' => '', 'camera' => 'w', 'off' => true]]]);
// The set of five songs of four minutes, a minute between; a clip of the wide lasts so long.
$set = static fn (float $limitMin, float $gapS = 60, array $more = []): Plans => $band()->with($more + [
    'songs' => array_map(static fn (int $i): array => ['id' => "m$i", 'name' => "song $i", 'minutes' => 4, 'gap_s' => $gapS], range(1, 5)),
    '/kit/bodies/a-body/modes' => [['id' => 'whole', 'name' => 'whole', 'width_mm' => 24, 'height_mm' => 13.5, 'width_px' => 3840, 'height_px' => 2160, 'limit_min' => $limitMin, 'mbps' => 100]],
    'cameras/a/operator' => 'Cy',
]);
$cue = static fn (array ...$rows): Plans => $band([['bar' => 1, 'bpm' => 120, 'metre' => '4/4']])->with([
    'cues' => array_map(static fn (array $r, int $i): array => $r + ['id' => "c$i", 'name' => "cue $i", 'section' => 'part 0'], $rows, array_keys($rows)),
    '/brief/crew' => [['id' => 'x', 'name' => 'Cy']],
]);
$crew = static fn (array $row): Plans => $day('11:00', '12:00')->with(['cameras/a/operator' => 'Cy', '/brief/crew' => [$row + ['id' => 'x', 'name' => 'Cy']]]);
$days = static fn (string $to, string $from): Plans => Plans::room()->with(['/brief/days' => [
    ['id' => 'd', 'name' => 'd', 'date' => '2026-06-21', 'from' => '14:00', 'to' => $to],
    ['id' => 'e', 'name' => 'e', 'date' => '2026-06-22', 'from' => $from, 'to' => '20:00'],
]]);
$media = static fn (array $changes): Plans => $day('11:00', '12:00')->with($changes + [
    '/kit/bodies/a-body/modes' => [['id' => 'whole', 'name' => 'whole', 'width_mm' => 24, 'height_mm' => 13.5, 'width_px' => 3840, 'height_px' => 2160, 'limit_min' => 0, 'mbps' => 100]],
]);
$cards = static fn (float $gb, int $count, string $holds = 'pictures'): array => [
    '/brief/cards' => [['id' => 'k', 'name' => 'card', 'gb' => $gb, 'count' => $count, 'holds' => $holds]],
];
$drives = static fn (float ...$gb): array => ['/brief/drives' => array_map(
    static fn (float $g, int $i): array => ['id' => "v$i", 'name' => "drive $i", 'gb' => $g, 'mb_s' => 100], $gb, array_keys($gb),
)];
$topic = static fn (array $row): Plans => Plans::room()->with(['/brief/topics' => [$row + ['id' => 't', 'name' => 'the flood']]]);
$ask = static fn (string $name): Plans => Plans::room()->with(['progress' => [['id' => 'p', 'name' => $name]]]);

$talk = static fn (array $parts, string $to = '12:00'): Plans => Plans::room()->with([
    '/brief/days' => [['id' => 'd', 'name' => 'd', 'date' => '2026-06-21', 'from' => '11:00', 'to' => $to]],
    'progress' => array_map(static fn (array $p, int $i): array => $p + ['id' => "p$i", 'name' => "part $i"], $parts, array_keys($parts)),
]);
$asking = static fn (string $due, string $state = 'asked'): Plans => Plans::room()->with([
    '/brief/days' => [['id' => 'd', 'name' => 'd', 'date' => '2026-06-21', 'from' => '11:00', 'to' => '12:00']],
    '/locations/room/scouted' => ['askings' => [['id' => 'k', 'name' => 'haze', 'about' => 'other', 'state' => $state, 'due' => $due]]],
]);

return [
    'tasks-keep-their-hours' => [
        // An hour's drive, 10 min to carry in, 10 for the lamp, 10 for the camera, 15 for sound, 10 to check: ready 1 h 55 after leaving.
        ['it fits', $day('11:00', '12:00'), 'holds holds', ['call' => '08:35']],
        ['just', $day('09:55', '10:55'), 'holds holds', ['call' => '08:00']],
        ['too early for what is to be rigged', $day('09:50', '10:50'), 'breaks take one', ['ends' => '10:55', 'to' => '10:50']],
        ['two pairs of hands are quicker', $day('09:40', '10:40', [], 2), 'holds holds'],
        ['the place shuts', $day('15:45', '16:45'), 'breaks fails room', ['to' => '17:00']],
        ['the same, open for longer', $day('15:45', '16:45', ['out_by' => '18:00']), 'holds holds'],
        ['somebody knows that the lamp takes an hour', $typed($day('09:55', '10:55'), ['task' => 'lights/one', 'minutes' => 60]), 'breaks take one'],
        ['the check is left out', $typed($day('09:50', '10:50'), ['task' => 'check/one', 'off' => true]), 'holds holds'],
        ['a task of one’s own before it', $typed($day('09:55', '10:55'), [
            'name' => 'wait for the tide', 'minutes' => 30, 'from' => '09:00', 'to' => '09:30', 'hands' => 1,
        ]), 'breaks take one'],
        ['hours are open', $day('', ''), ''],
    ],
    'day-is-not-too-long' => [
        ['half a day', $day('11:00', '12:00'), 'holds holds', ['limit' => '11 h 00']],
        ['nine hours of it recorded', $typed($day('11:00', '20:00', ['out_by' => '23:30']), ['task' => 'meal', 'off' => true]), 'watch fails', ['call' => '08:35']],
        ['eleven', $typed($day('11:00', '22:00', ['out_by' => '23:30']), ['task' => 'meal', 'off' => true]), 'breaks fails'],
        ['home after eleven at night', $day('21:00', '22:00', ['in_from' => '17:00', 'out_by' => '23:30']), 'watch night'],
        ['by a limit of one’s own', $day('11:00', '12:00')->with(['/brief/limits/day_hours' => 4]), 'watch fails', ['limit' => '4 h 00']],
        ['hours are open', $day('', ''), ''],
    ],
    'rig-is-ready-in-time' => [
        ['half an hour in hand', $day('11:00', '12:00'), 'holds holds one', ['minutes' => '30 min']],
        ['the place opens late', $day('10:00', '11:00'), 'watch fails one', ['minutes' => '5 min', 'wanted' => '30 min']],
        ['less is wanted', $day('10:00', '11:00')->with(['/brief/limits/day_buffer_min' => 5]), 'holds holds one'],
        ['it does not fit at all', $day('09:50', '10:50'), ''],
    ],
    'sections-are-covered' => [
        ['only the wide has the other', $band(), 'watch gap s0', ['who' => 'Bob', 'doubles' => 'nobody']],
        ['he does not play', $band([['plays' => 'ann']]), 'holds holds s0'],
        ['said to be on both', $band()->with(['rolls' => [['id' => 'r', 'name' => 'part 0', 'camera' => 'a', 'on' => 'ann, bob']]]), 'holds holds s0'],
        ['said of another section', $band()->with(['rolls' => [['id' => 'r', 'name' => 'part 1', 'camera' => 'a', 'on' => 'ann, bob']]]), 'watch gap s0'],
        ['and no wide rolls', $alone($band()), 'breaks bare s0', ['who' => 'Bob']],
        ['two on her', $band([[]], ['operator' => 'Cy'])->camera('b', 3.0, 2, 'ann', ['focal_mm' => 50, 'operator' => 'Di']), 'watch gap s0', ['doubles' => 'Ann'], 'turn-to'],
        ['a talk', $band()->with(['/brief/kind' => 'talk with one person']), ''],
        ['no map', $band([]), ''],
    ],
    'cameras-have-something-to-do' => [
        ['on who plays', $band(), 'holds holds a'],
        ['on her while he plays alone', $band([['plays' => 'bob'], ['plays' => 'ann']]), 'watch fails a', ['sections' => 'part 0']],
        ['it rests', $band([['plays' => 'bob']])->with(['rolls' => [['id' => 'r', 'name' => 'part 0', 'camera' => 'a', 'off' => true]]]), 'holds holds a'],
    ],
    'nobody-is-in-two-places' => [
        ['at one', $band([[]], ['operator' => 'Cy']), 'holds holds a'],
        ['at both', $band([[]], ['operator' => 'Cy'])->with(['cameras/w/operator' => 'Cy']), 'breaks cameras a+w', [], 'leave-alone'],
        ['two people', $band([[]], ['operator' => 'Cy'])->with(['cameras/w/operator' => 'Di']), 'holds holds a'],
        ['she plays', $band([[]], ['operator' => 'Ann']), 'breaks seen a'],
        ['and listens', $band([[]], ['operator' => 'Cy'])->with(['recorders' => [['id' => 'r', 'name' => 'recorder', 'watched_by' => 'Cy']]]), 'watch listens a', ['listens' => 'recorder']],
        ['nobody is named', $band(), ''],
    ],
    'hands-suffice-for-the-take' => [
        ['one at it, one there', $band([[]], ['operator' => 'Cy']), 'holds holds one', ['needed' => '1']],
        ['two, one there', $band([[]], ['operator' => 'Cy'])->with(['cameras/w/operator' => 'Di']), 'breaks fails one', ['needed' => '2', 'hands' => '1'], 'bring-hands'],
        ['two, two there', $band([[]], ['operator' => 'Cy'])->with(['cameras/w/operator' => 'Di', '/brief/facts/hands' => 2]), 'holds holds one'],
        ['a boom in the hand too', $band([[]], ['operator' => 'Cy'])->boom('boom', 3.6, 5, 2.0, ['stand' => 'by-hand']), 'breaks fails one', ['needed' => '2']],
        ['all locked off', $band(), ''],
    ],
    'clips-reach-the-end' => [
        // Five songs of four minutes, four gaps of one: the set lasts 24 min.
        ['longer than the set', $set(30), 'holds holds w'],
        ['in one gap', $set(15), 'watch restart w', ['in' => 'a gap', 'after' => 'song 3', 'longest' => '14.2 min']],
        ['no gap at all', $set(15, 0), 'breaks fails w', ['in' => 'song 4']],
        ['a clip of less than a song', $set(3), 'breaks fails w', ['in' => 'song 1']],
        ['two cameras and one gap between long songs', $set(15, 60, ['cameras/a/operator' => '', 'songs' => [
            ['id' => 'm1', 'name' => 'song 1', 'minutes' => 10, 'gap_s' => 60], ['id' => 'm2', 'name' => 'song 2', 'minutes' => 10],
        ]])->with(['cameras/a/operator' => '']), 'breaks together a'],
        ['no set list', $set(15)->with(['songs' => []]), ''],
        ['it never stops', $set(0), ''],
    ],
    'set-fits-its-hours' => [
        // 24 min of songs and gaps in an hour.
        ['twice', $set(0), 'holds holds one', ['times' => '2']],
        ['once', $set(0, 420), 'watch once one', ['set' => '48 min']],
        ['not once', $set(0, 640), 'breaks fails one'],
        ['hours are open', $set(0)->with(['/brief/days' => []]), ''],
    ],
    'sections-follow-on' => [
        ['by the clock', $band([[], []]), 'holds timed s0'],
        // Thirty bars of four at 120 a minute last a minute.
        ['by bars too', $band([['bar' => 1, 'bpm' => 120, 'metre' => '4/4'], ['bar' => 31]]), 'holds holds s0', ['tempo' => '60 s']],
        ['a bar miscounted', $band([['bar' => 1, 'bpm' => 120, 'metre' => '4/4'], ['bar' => 30]]), 'watch tempo s0', ['tempo' => '58 s']],
        ['one ends late', $band([['to_s' => 61], []]), 'watch overlaps s0', ['off' => '1 s'], 'end-with'],
        ['one ends early', $band([['to_s' => 59], []]), 'watch hole s0'],
        ['by half a second', $band([['to_s' => 60.4], []]), 'holds timed s0'],
        ['the last one', $band(), ''],
    ],
    'leaders-are-there' => [
        ['she is there', $band([['leads' => 'Ann']]), 'holds holds s0'],
        ['both', $band([['leads' => 'both']]), 'holds holds s0'],
        ['a stranger', $band([['leads' => 'Zoe']]), 'watch fails s0', ['names' => 'Zoe']],
        ['one of two', $band([['plays' => 'ann and Zoe']]), 'watch fails s0'],
        ['nobody named', $band(), ''],
    ],
    'cues-can-be-given' => [
        ['for the crew', $cue(['who' => 'Cy']), 'holds holds c0'],
        ['for who plays', $cue(['who' => 'Ann']), 'holds holds c0'],
        ['for a stranger', $cue(['who' => 'Zoe']), 'watch stranger c0'],
        ['for nobody', $cue([]), 'watch nobody c0'],
        ['at no section', $cue(['who' => 'Cy', 'section' => 'coda']), 'watch nowhere c0'],
        // Two seconds a bar.
        ['a bar later', $cue(['who' => 'Cy', 'bar' => 2], ['who' => 'Cy', 'bar' => 3]), 'watch close c1', ['since' => '2 s']],
        ['two bars later', $cue(['who' => 'Cy', 'bar' => 2], ['who' => 'Cy', 'bar' => 4]), 'holds holds c1'],
        ['a bar later, by somebody else', $cue(['who' => 'Cy', 'bar' => 2], ['who' => 'Ann', 'bar' => 3]), 'holds holds c1'],
    ],
    'crew-is-there-in-time' => [
        // Cameras are built from 10:00; recorded from 11:00 to 12:00.
        ['called for ten', $crew(['from' => '10:00']), 'holds holds a'],
        ['for eleven', $crew(['from' => '11:00']), 'watch late a', ['comes' => '11:00']],
        ['for later', $crew(['from' => '11:10']), 'breaks fails a', ['begins' => '11:00']],
        ['leaves before the end', $crew(['from' => '09:00', 'to' => '11:45']), 'breaks leaves a', ['ends' => '12:00']],
        ['somebody else is listed', $crew(['name' => 'Di']), 'watch unlisted a'],
        ['nobody is listed', $day('11:00', '12:00')->with(['cameras/a/operator' => 'Cy']), ''],
    ],
    'crew-rests-overnight' => [
        ['eleven hours', $days('22:00', '09:00'), 'holds holds d', ['rest' => '11 h 00']],
        ['ten', $days('22:00', '08:00'), 'watch fails d', ['rest' => '10 h 00']],
        ['past midnight', $days('01:00', '09:00'), 'watch fails d', ['rest' => '8 h 00']],
        ['by a limit of one’s own', $days('22:00', '08:00')->with(['/brief/limits/rest_hours' => 10]), 'holds holds d'],
        ['one day', Plans::room()->with(['/brief/days' => [['id' => 'd', 'name' => 'd', 'date' => '2026-06-21', 'from' => '14:00', 'to' => '22:00']]]), ''],
    ],
    'meal-comes-in-time' => [
        ['half a day', $day('11:00', '12:00'), 'holds short one', ['longest' => '4 h 50']],
        ['none, and seven hours of it', $typed($day('11:00', '15:00'), ['task' => 'meal', 'off' => true]), 'watch none one'],
        ['one is planned', $day('11:00', '14:00'), 'holds holds one', ['meal' => '14:00']],
        ['too long after it', $typed($day('11:00', '14:00', ['out_by' => '23:30']), [
            'name' => 'wait for dark', 'minutes' => 30, 'from' => '21:30', 'to' => '22:00', 'hands' => 1,
        ]), 'watch fails one'],
        ['by a limit of one’s own', $day('11:00', '12:00')->with(['/brief/limits/meal_hours' => 2]), 'watch none one', ['limit' => '2 h 00']],
        ['hours are open', $day('', ''), ''],
    ],
    'questions-are-open' => [
        ['how', $ask('How did the water come in?'), 'holds holds p'],
        ['did', $ask('Did the water come in?'), 'watch fails p'],
        ['and were', $ask('And weren’t you afraid?'), 'watch fails p'],
        ['a word that only begins so', $ask('Island life: what is it like?'), 'holds holds p'],
        ['no question', $ask('Is this the part about the flood'), ''],
    ],
    'cuts-can-be-hidden' => [
        ['two on her', Plans::room(8, 7)->sitter('ann', 4, 4.4)->camera('a', 4, 1, 'ann')->camera('b', 2, 1, 'ann'), 'holds holds ann'],
        ['one', Plans::room(8, 7)->sitter('ann', 4, 4.4)->camera('a', 4, 1, 'ann'), 'watch fails ann', ['cameras' => '1']],
        ['one, and a picture', Plans::room(8, 7)->sitter('ann', 4, 4.4)->camera('a', 4, 1, 'ann')->with([
            '/brief/topics' => [['id' => 't', 'name' => 't', 'picture' => 'the weir']],
        ]), 'holds pictures ann'],
        ['no camera yet', Plans::room(8, 7)->sitter('ann', 4, 4.4), ''],
        ['they play', $band(), ''],
    ],
    'topics-have-their-pictures' => [
        ['both', $topic(['picture' => 'the weir', 'place' => 'outside']), 'holds holds t'],
        ['no place', $topic(['picture' => 'the weir']), 'watch where t'],
        ['no picture', $topic(['place' => 'outside']), 'watch fails t'],
    ],
    'cards-carry-the-day' => [
        // 100 Mb/s for an hour are 45 GB.
        ['onto one', $media($cards(46, 1)), 'holds holds one', ['gb' => '45 GB']],
        ['onto two', $media($cards(40, 2)), 'holds changes one', ['changes' => '1', 'first' => 'A after 53 min']],
        ['not enough', $media($cards(40, 1)), 'breaks fails one', ['short' => '1']],
        ['cards for sound only', $media($cards(64, 1, 'sound')), 'watch unlisted one'],
        ['ten minutes of the hour', $media($cards(40, 1))->with(['/brief/days/d/minutes' => 10]), 'holds holds one', ['gb' => '8 GB']],
        ['the other setup, with hours of its own, takes one too', $media($cards(46, 1))->second('two', ['from' => '13:00', 'to' => '14:00']), 'breaks fails one', ['gb' => '90 GB']],
        ['hours are open', $media($cards(46, 1))->with(['/brief/days' => []]), ''],
    ],
    'copies-have-room' => [
        // 45 GB, written and read twice at 100 MB/s.
        ['two', $media($drives(50, 50)), 'holds holds one', ['time' => '0 h 30']],
        ['one', $media($drives(500)), 'watch one one'],
        ['one is nearly full', $media($drives(500, 40)), 'breaks full one', ['roomy' => '1']],
        ['nobody has said', $media([]), 'watch unlisted one'],
    ],
    'talk-fits-its-hours' => [
        // A quarter more than planned, in an hour.
        ['with room', $talk([['minutes' => 24], ['minutes' => 24]]), 'holds holds one', ['talk' => '48 min']],
        ['just', $talk([['minutes' => 25], ['minutes' => 24]]), 'watch tight one'],
        ['exactly', $talk([['minutes' => 60]]), 'watch tight one'],
        ['not', $talk([['minutes' => 61]]), 'breaks fails one', ['hours' => '60 min']],
        ['hours are open', $talk([['minutes' => 61]])->with(['/brief/days' => []]), ''],
        ['no parts', $talk([]), ''],
    ],
    'talk-has-breaks' => [
        ['forty-five', $talk([['minutes' => 20], ['minutes' => 25]]), 'holds holds one', ['minutes' => '45 min']],
        ['forty-six', $talk([['minutes' => 21], ['minutes' => 25]]), 'watch fails one', ['from' => 'part 0']],
        ['with a break between', $talk([['minutes' => 21], ['minutes' => 25, 'break_before' => true]]), 'holds holds one', ['minutes' => '25 min']],
        ['too long after it', $talk([['minutes' => 5], ['minutes' => 30, 'break_before' => true], ['minutes' => 20]]), 'watch fails one', ['from' => 'part 1']],
        ['by a limit of one’s own', $talk([['minutes' => 21]])->with(['/brief/limits/talk_run_min' => 20]), 'watch fails one', ['limit' => '20 min']],
        ['no parts', $talk([]), ''],
    ],
    'leader-has-a-camera' => [
        ['she has', $band([['leads' => 'Ann']]), 'holds holds s0'],
        ['he has only the wide', $band([['leads' => 'Bob']]), 'watch fails s0', ['who' => 'Bob']],
        ['both lead', $band([['leads' => 'both']]), 'watch fails s0', ['who' => 'Bob']],
        ['said to be on him', $band([['leads' => 'Bob']])->with(['rolls' => [['id' => 'r', 'name' => 'part 0', 'camera' => 'a', 'on' => 'Bob']]]), 'holds holds s0'],
        ['a stranger', $band([['leads' => 'Zoe']]), ''],
        ['nobody is named', $band(), ''],
    ],
    'copies-end-before-night' => [
        // 45 GB at 100 MB/s, written and read twice: half an hour after the way home.
        ['in the afternoon', $media($drives(50, 50)), 'holds holds one', ['home' => '13:25', 'ends' => '13:55']],
        ['at night', $day('20:00', '21:00', ['in_from' => '17:00', 'out_by' => '23:30'])->with([
            '/kit/bodies/a-body/modes' => [['id' => 'whole', 'name' => 'whole', 'width_mm' => 24, 'height_mm' => 13.5, 'width_px' => 3840, 'height_px' => 2160, 'limit_min' => 0, 'mbps' => 400]],
        ] + $drives(500, 500)), 'watch fails one'],
        ['no drives', $media([]), ''],
    ],
    'leave-comes-in-time' => [
        ['three days before', $asking('2026-06-18'), 'holds holds room+k'],
        ['two', $asking('2026-06-19'), 'watch late room+k'],
        ['on the day', $asking('2026-06-21'), 'breaks fails room+k', ['due' => '2026-06-21']],
        ['already agreed', $asking('2026-06-21', 'agreed'), ''],
        ['no date', $asking(''), ''],
    ],
];
