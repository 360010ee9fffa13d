<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Shoot;
use Illuminate\Console\Command;

final class ExportCommand extends Command
{
    protected $signature = 'fineframe:export {shoot : a shoot’s id} {file? : where to; else to the screen}';

    protected $description = 'Export a shoot as a plan file';

    public function handle(): int
    {
        $shoot = Shoot::query()->find($this->argument('shoot'));
        if ($shoot === null) {
            $this->output->getErrorStyle()->writeln('There is no such shoot.');

            return self::INVALID;
        }
        $file = $this->argument('file');
        if (! is_string($file)) {
            $this->output->write($shoot->head->plan, false, 32);
        } elseif (@file_put_contents($file, $shoot->head->plan) === false) {
            $this->output->getErrorStyle()->writeln("Could not write $file.");

            return self::FAILURE;
        }

        return self::SUCCESS;
    }
}
