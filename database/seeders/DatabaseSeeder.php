<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Shoot;
use App\Plans\PlanStore;
use FineFrame\Plan\PlanReader;
use Illuminate\Database\Seeder;

/** The demo, once: on a machine that has ever held a plan, nothing is added or changed. */
final class DatabaseSeeder extends Seeder
{
    public function run(PlanStore $store): void
    {
        if (Shoot::query()->withTrashed()->exists()) {
            return;
        }
        $store->create(PlanReader::json((string) file_get_contents(database_path('demo/sallow-tide-mill.fineframe.json'))), 'The demo');
    }
}
