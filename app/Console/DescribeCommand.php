<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;

final class DescribeCommand extends Command
{
    protected $signature = 'fineframe:describe';

    protected $description = 'Writes the plan file’s schema and table of keys as the readers have them';

    public function handle(PlanFileDocs $docs): int
    {
        file_put_contents(base_path(PlanFileDocs::SCHEMA), PlanFileDocs::schema());
        $format = base_path(PlanFileDocs::FORMAT);
        file_put_contents($format, $docs->format((string) file_get_contents($format)));

        return self::SUCCESS;
    }
}
