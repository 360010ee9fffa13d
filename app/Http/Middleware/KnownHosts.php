<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Config;
use Symfony\Component\HttpFoundation\Response as Answer;

/** Answers by its own names alone: a page elsewhere that makes its name lead here (DNS rebinding) would else read and change every plan. */
final class KnownHosts
{
    private const LOOPBACK = ['localhost', '127.0.0.1', '[::1]'];

    public function handle(Request $request, \Closure $next): Answer
    {
        $host = strtolower((string) preg_replace('/:\d+$/', '', (string) $request->headers->get('host')));
        if (! in_array($host, [...self::LOOPBACK, ...self::named()], true)) {
            return new Response(
                "This name is not one that Fine Frame answers to. Set HOSTS to the names it should answer to, as HOSTS=studio.local, and start it again.\n",
                421,
                ['Content-Type' => 'text/plain; charset=utf-8'],
            );
        }
        $response = $next($request);
        assert($response instanceof Answer);

        return $response;
    }

    /** @return list<string> */
    private static function named(): array
    {
        return array_values(array_filter(array_map(trim(...), explode(',', strtolower(Config::string('fineframe.hosts'))))));
    }
}
