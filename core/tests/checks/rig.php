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

return [
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
