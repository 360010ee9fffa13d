<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'file'), 'cookie' => 'fineframe', 'same_site' => 'strict',
    'secure' => (bool) env('SESSION_SECURE', false),
];
