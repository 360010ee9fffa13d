<?php

declare(strict_types=1);

namespace App\Console;

use App\Plans\Bin;
use Illuminate\Console\Command;

final class EmptyBinCommand extends Command
{
    protected $signature = 'fineframe:empty-bin';

    protected $description = 'Take plans that were removed more than 30 days ago away for good, with their photos';

    public function handle(Bin $bin): int
    {
        $count = $bin->empty();
        $this->info($count === 1 ? 'One plan is gone.' : "$count plans are gone.");

        return self::SUCCESS;
    }
}
