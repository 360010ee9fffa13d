<?php

declare(strict_types=1);

namespace App\Console;

use App\View\Phrase;
use App\View\Reader;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Judge;
use FineFrame\Judge\Severity;
use FineFrame\Measure\Quantity;
use Illuminate\Console\Command;

final class CheckCommand extends Command
{
    use ReadsPlanFiles;

    protected $signature = 'fineframe:check {file : a plan file} {--json : findings as JSON}';

    protected $description = 'Judge a plan file; exits 1 if anything breaks, 2 if the file cannot be read';

    public function handle(Judge $judge): int
    {
        $plan = $this->plan();
        if ($plan === null) {
            return self::INVALID;
        }
        $phrase = new Phrase(new Reader);
        $breaks = 0;
        $rows = [];
        foreach ($plan->setups as $setup) {
            $verdicts = $judge->judge($plan->setup($setup->id));
            $breaks += count($verdicts->of(Severity::Breaks));
            array_push(
                $rows,
                ...array_map(
                    fn (Finding $f): array => ['setup' => $setup->id, 'place' => $setup->location] + $this->row($f, $phrase),
                    $verdicts->findings,
                ),
            );
        }
        // A candidate is not shot at yet: what breaks there is told, and fails nothing.
        foreach (array_diff(array_column($plan->locations, 'id'), array_column($plan->setups, 'location')) as $place) {
            array_push(
                $rows,
                ...array_map(
                    fn (Finding $f): array => ['setup' => null, 'place' => $place] + $this->row($f, $phrase),
                    $judge->judge($plan->setupAt($place))->findings,
                ),
            );
        }
        if ($this->option('json') === true) {
            $this->output->writeln(
                (string) json_encode(['findings' => $rows], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
                32,
            );
        } else {
            foreach ($rows as $row) {
                $this->line(str_pad($row['severity'], 7).' '.($row['setup'] === null ? "[{$row['place']}] " : '').$row['sentence']);
            }
        }

        return $breaks > 0 ? self::FAILURE : self::SUCCESS;
    }

    /**
     * @return array{check: string, case: string, stage: string, severity: string, about: list<string>, sentence: string, values: array<string, mixed>}
     */
    private function row(Finding $finding, Phrase $phrase): array
    {
        return [
            'check' => $finding->check,
            'case' => $finding->case,
            'stage' => $finding->stage->value,
            'severity' => $finding->severity->value,
            'about' => $finding->about,
            'sentence' => $phrase->finding($finding),
            'values' => array_map(
                static fn (Quantity|string $v): mixed => $v instanceof Quantity ? ['value' => $v->value, 'unit' => $v->unit->value] : $v,
                $finding->arguments,
            ),
        ];
    }
}
