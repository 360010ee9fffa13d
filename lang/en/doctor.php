<?php

declare(strict_types=1);

/*
 * What php artisan fineframe:doctor says: how it is, and what to do where it is wrong.
 */
return [
    'no_copy' => 'there is none',
    'database' => [
        'well' => 'The database is whole.', 'wrong' => 'The database is damaged: :what.',
        'do' => 'Stop Fine Frame, move database/fineframe.sqlite away, put the newest file of database/copies in its place, and start again.',
    ],
    'references' => [
        'well' => 'Everything in it belongs to something.', 'wrong' => ':count rows belong to nothing, or shoots have no plan.',
        'do' => 'Take a copy with php artisan fineframe:backup, and bring it back into an empty database.',
    ],
    'plans' => [
        'well' => 'All :count plans can be opened.', 'wrong' => 'These plans cannot be opened: :what.',
        'do' => 'Export them from the newest file of database/copies (DB_DATABASE=FILE php artisan fineframe:export ID) and import them.',
    ],
    'photos' => [
        'well' => 'Every photo that a plan names is there.', 'wrong' => ':count photos are not there: :what.',
        'do' => 'Bring them back with php artisan fineframe:restore from a copy of everything, or put them in again under Photos.',
    ],
    'folders' => [
        'well' => 'Its folders can be written to.', 'wrong' => 'It cannot write to :what.',
        'do' => 'Give the user that runs Fine Frame leave to write there.',
    ],
    'space' => [
        'well' => 'There is space: :free free.', 'wrong' => 'Little space is left: :free free.',
        'do' => 'Make room; old files of database/copies can go first.',
    ],
    'copies' => [
        'well' => 'The newest copy is of :at.', 'wrong' => 'No copy of the last two days; the newest: :at.',
        'do' => 'Run php artisan fineframe:daily, and take a copy of everything to another disk now and then (php artisan fineframe:backup FILE).',
    ],
];
