<?php

declare(strict_types=1);

/** Words around the verdicts. */
return [
    'open' => 'Open :name',
    'holds' => ':stage: nothing to watch.',
    'watches' => ':count to watch',
];
