<?php

declare(strict_types=1);

return [
    'name' => 'Fine Frame',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'timezone' => 'UTC',
    'locale' => 'en',
];
