<?php

declare(strict_types=1);

namespace App\Console;

use App\Keep\Archive;
use App\Keep\DamagedArchive;
use App\Models\Shoot;
use Illuminate\Console\Command;

final class BackupCommand extends Command
{
    protected $signature = 'fineframe:backup {file : where to} {shoot?* : ids of shoots; else all}';

    protected $description = 'Write everything into one file: plans, revisions, marks, photos';

    public function handle(Archive $archive): int
    {
        $ids = $this->argument('shoot');
        $shoots = Shoot::query()->where('exercise', '')->when($ids !== [], static fn ($all) => $all->whereIn('id', $ids));
        try {
            $count = $archive->write($this->argument('file'), $shoots->lazyById(50));
        } catch (DamagedArchive $e) {
            $this->error($e->getMessage());

            return self::FAILURE;
        }
        $this->info($count === 1 ? 'One shoot is in it.' : "$count shoots are in it.");

        return self::SUCCESS;
    }
}
