<?php

declare(strict_types=1);

namespace App\Console;

use App\View\Phrase;
use App\View\Reader;
use FineFrame\Figures\Figures;
use FineFrame\Judge\Situation;
use FineFrame\Measure\Quantity;
use Illuminate\Console\Command;

final class FiguresCommand extends Command
{
    use ReadsPlanFiles;

    protected $signature = 'fineframe:figures {file : a plan file} {--json : by id, with units}';

    protected $description = 'Print every computed figure of a plan file';

    public function handle(): int
    {
        $plan = $this->plan();
        if ($plan === null) {
            return self::INVALID;
        }
        [$reader, $all] = [new Reader, []];
        foreach ($plan->setups as $setup) {
            foreach (Figures::of(new Situation($plan->setup($setup->id))) as $figure) {
                $value = $figure->value;
                $all[$setup->id][$figure->id()] = $value instanceof Quantity
                    ? ['value' => $value->value, 'unit' => $value->unit->value]
                    : ['value' => $value, 'unit' => 'text'];
                if ($this->option('json') !== true) {
                    $this->line(
                        str_pad($figure->id(), 42).' '.$reader->print($value).'  '.(new Phrase($reader))->figure($figure),
                    );
                }
            }
        }
        if ($this->option('json') === true) {
            $this->output->writeln((string) json_encode(['figures' => $all], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE), 32);
        }

        return self::SUCCESS;
    }
}
