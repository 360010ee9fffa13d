<?php

declare(strict_types=1);

use App\Http\Middleware\KnownHosts;
use App\Http\Middleware\KnownProxy;
use App\Http\Middleware\PlainInput;
use App\Http\Middleware\ReaderSettings;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\SignedIn;
use App\Http\Middleware\Sized;
use App\Http\Problems;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\TrustProxies;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php')
    ->withCommands([__DIR__.'/../app/Console'])
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->prepend(KnownHosts::class);
        $middleware->replace(TrustProxies::class, KnownProxy::class);
        $middleware->append(SecurityHeaders::class);
        $middleware->web(append: [ReaderSettings::class, SignedIn::class, Sized::class, PlainInput::class]);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        Problems::register($exceptions);
    })->create();
