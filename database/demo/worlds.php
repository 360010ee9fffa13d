<?php

declare(strict_types=1);

/*
 * The hidden true world that the simulated instruments measure, by place; `*` stands for any other. Metres, lux, kelvin and Duv, dB(A),
 * amperes, the true bearing of the plan's up, and the share of cloud. Not the plan: a reading may contradict it.
 */
return [
    'stone-room' => [
        'light' => ['miller’s chair' => 46, 'window seat' => 1450], 'daylight' => 60, 'lamps' => 25,
        'colours' => ['pendant' => [2720, 0.001], 'strip' => [4050, 0.011], 'daylight' => [5900, 0.002]],
        'noises' => ['sluice' => 41, 'fridge' => 38, 'road' => 33, 'clock' => 31], 'circuits' => ['kitchen' => 7.4, 'wall' => 1.2], 'air' => [[478.0, 486.0, -62.0], [502.9, 503.3, -71.0]], 'rings' => [1.5, 1.7, 1.8, 1.7, 1.5, 1.2], 'up' => 12, 'cloud' => 0.5,
    ],
    'glasshouse' => [
        'corners' => ['w1' => [0.0, 0.0], 'w2' => [8.214, 0.0], 'w3' => [8.214, 5.018], 'w4' => [0.0, 5.018]],
        'light' => ['potting bench' => 4200], 'daylight' => 3600, 'lamps' => 30, 'colours' => ['grow' => [3900, -0.014], 'strip' => [4000, 0.009]],
        'noises' => ['fan' => 46, 'heater' => 43, 'road' => 39, 'rain' => 52], 'circuits' => ['bench' => 3.1], 'up' => 20, 'cloud' => 0.4,
    ],
    'grain-loft' => ['daylight' => 300, 'lamps' => 60, 'noises' => ['sluice' => 34], 'air' => [[478.0, 486.0, -62.0], [502.9, 503.3, -71.0], [511.2, 511.4, -80.0]], 'rings' => [0.9, 0.8, 0.7, 0.6, 0.6, 0.5], 'up' => -96, 'cloud' => 0.5],
    '*' => ['daylight' => 400, 'lamps' => 120, 'up' => 0, 'cloud' => 0.5],
];
