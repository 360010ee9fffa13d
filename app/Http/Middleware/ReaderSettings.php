<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\View\Reader;
use FineFrame\Measure\UnitSystem;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\View;
use Symfony\Component\HttpFoundation\Response;

/** Units and theme follow the reader by cookie. */
final class ReaderSettings
{
    public function handle(Request $request, \Closure $next): Response
    {
        $units = $request->cookie('units');
        $reader = new Reader(
            UnitSystem::tryFrom(is_string($units) ? $units : '') ?? UnitSystem::Metric,
            $request->cookie('theme') === 'blackout' ? 'blackout' : 'day',
        );
        app()->instance(Reader::class, $reader);
        View::share('reader', $reader);
        $response = $next($request);
        assert($response instanceof Response);

        return $response;
    }
}
