<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Config;
use Symfony\Component\HttpFoundation\Response as Answer;

/** Where it is served to others than this machine, nobody reads or changes anything before signing in. */
final class SignedIn
{
    public function handle(Request $request, \Closure $next): Answer
    {
        if (Config::boolean('fineframe.crew') && ! Auth::check() && ! $request->routeIs('sign-in') && ! $request->is('sign-in')) {
            return match (true) {
                $request->expectsJson() => new JsonResponse(['message' => 'Sign in first.'], 401),
                $request->hasHeader('HX-Request') => new Response('', 401, ['HX-Redirect' => route('sign-in')]),
                default => redirect()->guest(route('sign-in')),
            };
        }
        $response = $next($request);
        assert($response instanceof Answer);

        return $response;
    }
}
