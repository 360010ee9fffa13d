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
];
