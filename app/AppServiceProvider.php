<?php

declare(strict_types=1);

namespace App;

use App\Instruments\Instruments;
use App\Instruments\StandIns;
use App\Plans\RoomKeep;
use App\View\Reader;
use FineFrame\Judge\Judge;
use FineFrame\Propose\LightIdeas;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Config;
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
        View::share('reader', new Reader);
    }
}
