<?php

declare(strict_types=1);

namespace App\Console;

use App\Access\Audits;
use App\Keep\Copies;
use App\Plans\Bin;
use Illuminate\Console\Command;

final class DailyCommand extends Command
{
    protected $signature = 'fineframe:daily';

    protected $description = 'Once a day: a copy of the database, older ones thinned; the bin and the audit log emptied of what is old';

    public function handle(Copies $copies, Bin $bin, Audits $audits): int
    {
        $made = $copies->daily();
        $bin->empty();
        $audits->thin();
        $this->info($made === null ? 'Today’s copy is there.' : 'Copied.');

        return self::SUCCESS;
    }
}
