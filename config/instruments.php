<?php

declare(strict_types=1);

/*
 * What measures: 'stand-ins' are simulated and ship with the application; a real device is another class of App\Instruments\Instruments,
 * named here.
 */
return [
    'use' => App\Instruments\StandIns::class,
    'seed' => env('INSTRUMENT_SEED', 'tide'),
];
