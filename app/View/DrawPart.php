<?php

declare(strict_types=1);

namespace App\View;

use App\Http\Controllers\StageController;
use App\Models\Link;
use App\Models\Owner;
use App\Models\Shoot;
use FineFrame\Measure\UnitSystem;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Http\Request;
use Illuminate\Routing\Route as IlluminateRoute;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ViewErrorBag;

/** One part of a page, for one kind of reader, while the plan is as it was and somebody waits for it. */
final class DrawPart implements ShouldQueue
{
    use Dispatchable, Queueable;

    public int $tries = 1;

    public int $timeout = 60;

    /** @param  array<string, string>  $query */
    public function __construct(
        private readonly string $shoot,
        private readonly int $version,
        private readonly string $path,
        private readonly array $query,
        private readonly string $key,
        private readonly ?int $owner,
        private readonly ?int $link,
        private readonly string $units,
        private readonly string $theme,
    ) {
    }

    public function handle(PartsLater $later): void
    {
        $shoot = Shoot::query()->find($this->shoot);
        if ($shoot?->version !== $this->version || ! $later->isWanted($this->key)) {
            $later->dropped($this->key);

            return;
        }
        $this->lookAs();
        $request = Request::create($this->path, 'GET', $this->query, server: ['HTTP_HX_REQUEST' => 'true']);
        $route = Route::getRoutes()->match($request);
        $request->setRouteResolver(static fn (): IlluminateRoute => $route);
        app()->instance('request', $request);
        app(StageController::class)->later($request, $shoot, $this->key);
    }

    /** As whoever asked: their units, their theme, what is theirs to see. */
    private function lookAs(): void
    {
        [$owner, $link] = [Owner::query()->find($this->owner), Link::query()->find($this->link)];
        if ($link !== null) {
            Auth::shouldUse('link');
            Auth::guard('link')->setUser($link);
        } elseif ($owner !== null) {
            Auth::shouldUse('web');
            Auth::guard('web')->setUser($owner);
        }
        $reader = new Reader(UnitSystem::from($this->units), $this->theme);
        app()->instance(Reader::class, $reader);
        View::share(['reader' => $reader, 'errors' => new ViewErrorBag]);
        // Each session’s own token is put in when the part is handed out.
        session()->put('_token', PageKeep::TOKEN);
    }
}
