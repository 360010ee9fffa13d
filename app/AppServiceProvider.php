<?php

declare(strict_types=1);

namespace App;

use App\View\Reader;
use FineFrame\Judge\Judge;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(Judge::class, static fn (): Judge => Judge::standard());
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        View::share('reader', new Reader);
    }
}
