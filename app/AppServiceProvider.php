<?php

declare(strict_types=1);

namespace App;

use App\Access\Links;
use App\Access\ShootPolicy;
use App\Access\Visitor;
use App\Instruments\Instruments;
use App\Instruments\StandIns;
use App\Keep\Copies;
use App\Models\Link;
use App\Models\Shoot;
use App\Plans\RoomKeep;
use App\View\Reader;
use FineFrame\Judge\Judge;
use FineFrame\Propose\LightIdeas;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Events\MigrationsStarted;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ServiceProvider;
use Psr\Clock\ClockInterface;
use Symfony\Component\Clock\NativeClock;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(ClockInterface::class, NativeClock::class);
        $this->app->singleton(
            Judge::class,
            static fn (): Judge => Judge::standard(new RoomKeep(storage_path('framework/cache/data/rooms')), new LightIdeas),
        );
        $this->app->bind(
            StandIns::class,
            static fn (): StandIns => new StandIns(
                require database_path('demo/worlds.php'),
                Config::string('instruments.seed'),
                app(ClockInterface::class),
            ),
        );
        $this->app->bind(Instruments::class, static fn (Application $app): mixed => $app->make(Config::string('instruments.use')));
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        Auth::viaRequest('link', static fn (Request $request): ?Link => app(Links::class)->of($request));
        self::limits();
        Event::listen(MigrationsStarted::class, static fn (): ?string => app(Copies::class)->make('before-migrating'));
        Gate::policy(Shoot::class, ShootPolicy::class);
        Gate::define('plan', static fn (?Authenticatable $who): bool => Visitor::of($who)->link === null);
        Gate::define('keep', static fn (?Authenticatable $who): bool => Visitor::of($who)->keeps());
        View::share('reader', new Reader);
    }

    /** How often one may ask where a crew is served: more than any hand does, less than what a program could. */
    private static function limits(): void
    {
        $perMinute = static fn (int $times): \Closure => static fn (Request $request): Limit => Config::boolean('fineframe.crew')
            ? Limit::perMinute($times)->by(Visitor::now()->name().'|'.$request->ip())
            : Limit::none();
        RateLimiter::for('links', $perMinute(30));
        RateLimiter::for('changes', $perMinute(900));
        RateLimiter::for('pages', $perMinute(600));
        RateLimiter::for('heavy', $perMinute(30));
    }
}
