<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Shoot;
use Illuminate\Support\Facades\Cache;

/** One plan for one form, however often it is sent: a double click makes no second. */
final class Once
{
    private const KEPT_S = 3600;

    private const WAITS_S = 20;

    /**
     * @param  string  $token  of the form; without one, it is made each time
     * @param  \Closure(): Shoot  $make
     */
    public static function make(string $token, \Closure $make): Shoot
    {
        if ($token === '') {
            return $make();
        }
        $key = 'once:'.hash('sha256', $token);

        return Cache::lock("$key:lock", self::WAITS_S)->block(self::WAITS_S, static function () use ($key, $make): Shoot {
            $made = Shoot::query()->find(Cache::get($key));
            if (! $made instanceof Shoot) {
                $made = $make();
                Cache::put($key, $made->id, self::KEPT_S);
            }

            return $made;
        });
    }
}
