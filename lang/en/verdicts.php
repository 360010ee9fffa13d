<?php

declare(strict_types=1);

/** Words around the verdicts. */
return [
    'holds' => ':stage: nothing to watch.',
    'watches' => ':count to watch',
];
