<?php

declare(strict_types=1);

namespace App\Console;

use App\Plans\PlanStore;
use Illuminate\Console\Command;

final class ImportCommand extends Command
{
    use ReadsPlanFiles;

    protected $signature = 'fineframe:import {file : a plan file}';

    protected $description = 'Import a plan file as a new shoot and print its id';

    public function handle(PlanStore $store): int
    {
        $plan = $this->plan();
        if ($plan === null) {
            return self::INVALID;
        }
        $this->line($store->create($plan, 'Imported from a file')->id);

        return self::SUCCESS;
    }
}
