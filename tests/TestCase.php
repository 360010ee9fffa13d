<?php

declare(strict_types=1);

namespace Tests;

use App\Models\Shoot;
use App\Plans\PlanStore;
use FineFrame\Plan\PlanReader;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\TestCase as Base;

abstract class TestCase extends Base
{
    public function createApplication(): Application
    {
        $app = require __DIR__.'/../bootstrap/app.php';
        $app->make(\Illuminate\Contracts\Console\Kernel::class)->bootstrap();

        return $app;
    }

    public function demo(): Shoot
    {
        return app(PlanStore::class)->create(PlanReader::json($this->demoFile()), 'The demo');
    }

    protected function demoFile(): string
    {
        return (string) file_get_contents(database_path('demo/sallow-tide-mill.fineframe.json'));
    }
}
