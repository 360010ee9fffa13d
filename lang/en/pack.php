<?php

declare(strict_types=1);

/* Kinds of things that are packed, as headings. */
return [
    'kinds' => [
        'bodies' => 'Camera bodies', 'lenses' => 'Lenses', 'reducers' => 'Mount adapters and reducers', 'supports' => 'Tripods, stands, clamps', 'prompters' => 'Prompters',
        'fixtures' => 'Lamps', 'modifiers' => 'Modifiers', 'microphones' => 'Microphones', 'poles' => 'Boom poles', 'joiners' => 'Grip parts',
        'packs' => 'Batteries', 'chargers' => 'Chargers', 'recorder' => 'Recorders', 'monitor' => 'Monitors', 'link' => 'Wireless', 'lead' => 'Sound cables',
        'extension' => 'Mains cables', 'hazer' => 'Hazers', 'cloth' => 'Acoustic treatment', 'sandbag' => 'Sandbags', 'card' => 'Cards', 'drive' => 'Drives',
        'own' => 'Other',
    ],
];
