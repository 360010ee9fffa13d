<?php

declare(strict_types=1);

use App\Models\Owner;

return [
    'defaults' => ['guard' => 'web'],
    'guards' => ['web' => ['driver' => 'session', 'provider' => 'owners']],
    'providers' => ['owners' => ['driver' => 'eloquent', 'model' => Owner::class]],
];
