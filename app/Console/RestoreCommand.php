<?php

declare(strict_types=1);

namespace App\Console;

use App\Keep\Archive;
use App\Keep\DamagedArchive;
use App\Models\Owner;
use Illuminate\Console\Command;

final class RestoreCommand extends Command
{
    protected $signature = 'fineframe:restore {file : what fineframe:backup wrote} {--owner= : whose the shoots are}';

    protected $description = 'Bring back what one file holds; what is here as it was is left alone';

    public function handle(Archive $archive): int
    {
        $name = $this->option('owner');
        $owner = is_string($name) ? Owner::query()->where('name', $name)->first() : null;
        if (is_string($name) && $owner === null) {
            $this->error("There is no owner called $name.");

            return self::FAILURE;
        }
        try {
            $done = $archive->bring($this->argument('file'), $owner?->id);
        } catch (DamagedArchive $e) {
            $this->error($e->getMessage());

            return self::FAILURE;
        }
        $this->info("{$done['brought']} brought back, {$done['here']} here already.");

        return self::SUCCESS;
    }
}
