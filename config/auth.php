<?php

declare(strict_types=1);

use App\Models\Owner;

return [
    'defaults' => ['guard' => 'web'],
    // Owners sign in; whoever holds a link is let in by it, to its own shoot.
    'guards' => ['web' => ['driver' => 'session', 'provider' => 'owners'], 'link' => ['driver' => 'link']],
    'providers' => ['owners' => ['driver' => 'eloquent', 'model' => Owner::class]],
];
