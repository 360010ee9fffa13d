<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** No request is larger than what it is for: an edit has kilobytes, a plan file ten megabytes, photos forty. */
final class Sized
{
    private const MEGABYTE = 1_000_000;

    private const USUAL = 2 * self::MEGABYTE;

    /** By route, bytes. */
    private const LARGER = [
        'shoots.import' => 12 * self::MEGABYTE, 'exchange.bring' => 12 * self::MEGABYTE, 'underlay' => 40 * self::MEGABYTE,
        'photos.store' => 40 * self::MEGABYTE, 'everything.bring' => 40 * self::MEGABYTE, 'copies' => 12 * self::MEGABYTE,
    ];

    public function handle(Request $request, \Closure $next): Response
    {
        $most = self::LARGER[(string) $request->route()?->getName()] ?? self::USUAL;
        if (! $request->isMethodSafe() && (int) $request->headers->get('content-length') > $most) {
            throw new PostTooLargeException;
        }
        $response = $next($request);
        assert($response instanceof Response);

        return $response;
    }
}
