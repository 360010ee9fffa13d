<?php

declare(strict_types=1);

/*
 * Five rooms in plain numbers, metres: what `trace.php` follows light through, and what the tests build plans of. A corner is at 0, 0, 0;
 * bearings are
 * clockwise from +y; a lamp is a square that looks at the eyes; a box is [x, y, width, depth, from, to, what it gives back], x and y its
 * middle.
 */
$room = [
    'size' => [6.0, 5.0, 3.0],
    'gives' => ['walls' => 0.5, 'floor' => 0.2, 'ceiling' => 0.7],
    'seat' => [3.4, 3.2],
    'eyes' => [3.3865, 3.1235, 1.2352],
    'facing_deg' => 190.0,
    'lamp' => null,
    'boxes' => [],
    'window' => null,
];
$key = ['at' => [1.9, 1.4, 1.9], 'side' => 0.9, 'lux_at_1m' => 2400.0, 'dimmer' => 0.2, 'grid_half_deg' => null, 'passes' => 1.0];

return [
    'plain' => ['lamp' => $key] + $room,
    'gridded' => ['lamp' => ['grid_half_deg' => 45.0, 'passes' => 0.75] + $key] + $room,
    'flagged' => ['lamp' => $key, 'boxes' => ['flag' => [2.65, 2.1, 0.6, 0.02, 1.35, 2.25, 0.04]]] + $room,
    'bounced' => [
        'lamp' => ['at' => [2.2, 1.2, 1.6]] + $key,
        'boxes' => ['board' => [4.3, 2.9, 0.02, 1.2, 0.6, 1.8, 0.8], 'chest' => [0.6, 3.6, 0.8, 1.2, 0.0, 0.9, 0.3]],
        'gives' => ['walls' => 0.15, 'floor' => 0.1, 'ceiling' => 0.3],
    ] + $room,
    'daylit' => [
        'window' => ['from' => 0.8, 'to' => 2.6, 'sill' => 0.9, 'head' => 2.2, 'glass' => 0.88, 'glass_gives' => 0.1, 'ground' => 0.2],
        'boxes' => ['chest' => [5.2, 1.2, 1.0, 0.6, 0.0, 1.1, 0.3]],
    ] + $room,
];
