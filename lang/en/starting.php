<?php

declare(strict_types=1);

/** The home page and what is asked before a first plan stands. */
return [
    'lead' => 'Measure the room, place cameras, lamps and microphones, and see every frame and every problem before the day.',
    'new' => 'New shoot',
    'ask' => ['what' => 'What', 'people' => 'How many in frame', 'place' => 'Where', 'date' => 'Date', 'from' => 'Record from', 'to' => 'to', 'title' => 'Title'],
    'hint' => 'A whole first setup stands at once: cameras, key, microphones and tracks. Every number it assumes is marked until you measure it.',
    'optional' => 'optional',
    'start' => 'Plan it',
    'import' => 'Import a plan file',
    'none' => 'No shoots yet. Start one here, or import a plan file.',
    'next' => 'Next',
    'breaks' => '{1} 1 breaks|[2,*] :count break',
    'watches' => '{1} 1 to watch|[2,*] :count to watch',
    'holds' => 'all holds',
    'copy' => 'Copy',
    'remove' => 'Remove',
    'assumed' => [
        'title' => 'Assumed until measured',
        'hint' => 'The first plan needed these numbers. Set each where its name leads, or say that it is right.',
        'right' => 'is right',
        'short' => 'It’s right',
        'mark' => 'assumed',
    ],
    'added' => ':name added. Its card is open.',
    'lavalier' => [
        'add' => 'Add lavalier',
        'added' => ':name added, with a link of its own and a track.',
        'nobody' => 'Add a person first, and a lavalier to the kit.',
    ],
    'opening' => [
        'click' => 'Click a wall to add',
        'kind' => 'What a click on a wall adds',
        'window' => 'a window',
        'door' => 'a door',
        'added' => ':name added at a usual size. Its measures are assumed: take them in the tape book.',
        'full' => 'That wall has no free stretch of 30 cm.',
    ],
    'wrong' => [
        'what.in' => 'Choose interview or performance.',
        'people.*' => 'A first setup takes 1 to :most here. Add the others on the floor.',
        'place.required' => 'Name the location: a room or a building.',
        'place.max' => 'A name has at most 120 characters.',
        'title.max' => 'A title has at most 120 characters.',
        'date.date_format' => 'Choose a date.',
        'from.*' => 'Give both times, as in 10:00.',
        'to.*' => 'Give both times, as in 12:30.',
    ],
];
