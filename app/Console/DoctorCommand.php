<?php

declare(strict_types=1);

namespace App\Console;

use App\Keep\Doctor;
use Illuminate\Console\Command;

final class DoctorCommand extends Command
{
    protected $signature = 'fineframe:doctor';

    protected $description = 'Look at the database, the plans, photos, folders, space and copies, and say what to do';

    public function handle(Doctor $doctor): int
    {
        $wrong = 0;
        foreach ($doctor->looks() as $look) {
            if ($look['isWell']) {
                $this->info($look['says']);
            } else {
                $wrong++;
                $this->error($look['says']);
                $this->line('  '.$look['do']);
            }
        }

        return $wrong === 0 ? self::SUCCESS : self::FAILURE;
    }
}
