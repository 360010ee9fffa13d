<?php

declare(strict_types=1);

return ['driver' => env('SESSION_DRIVER', 'file'), 'cookie' => 'fineframe', 'same_site' => 'strict'];
