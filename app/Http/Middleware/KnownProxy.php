<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Config;

/** What a request says of where it came from counts only where a proxy of ours, on this machine, says it. */
final class KnownProxy extends TrustProxies
{
    protected $headers = Request::HEADER_X_FORWARDED_FOR | Request::HEADER_X_FORWARDED_PROTO;

    /** @return list<string> */
    protected function proxies(): array
    {
        $proxy = Config::string('fineframe.proxy');

        return $proxy === '' ? [] : [$proxy];
    }
}
