<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Sound;

use FineFrame\Document\Record;
use FineFrame\Judge\Ears;
use FineFrame\Judge\LevelPlan;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;

/** A recorder has an input for each track, one for one, and power for the microphones that want it. */
final class InputsSuffice extends Rule
{
    public function id(): string
    {
        return 'inputs-suffice';
    }

    public function stage(): Stage
    {
        return Stage::Sound;
    }

    public function run(Situation $situation): iterable
    {
        $tracks = $situation->setup->setup->list('tracks');
        foreach (LevelPlan::byName($situation->setup->setup->list('recorders')) as $name => $recorder) {
            $here = array_values(array_filter($tracks, static fn (Record $t): bool => mb_strtolower(trim($t->text('recorder'))) === $name));
            $sources = array_values(
                array_unique(array_map(static fn (Record $t): string => mb_strtolower(trim($t->text('source'))), $here)),
            );
            // Two microphones as one take two inputs, on one track or on two.
            $taken = count($sources) + count(
                array_filter($sources, static fn (string $s): bool => $situation->ear($s)?->worn === Ears::PAIR),
            );
            $inputs = (int) ($recorder->number('inputs') ?? 2.0);
            $given = array_filter(array_map(static fn (Record $t): int => (int) ($t->number('input') ?? 0.0), $here));
            $twice = array_keys(array_filter(array_count_values($given), static fn (int $n): bool => $n > 1));
            $twice = array_filter(
                $twice,
                static fn (int $input): bool => count(
                    array_unique(
                        array_map(
                            static fn (Record $t): string => mb_strtolower($t->text('source')),
                            array_filter($here, static fn (Record $t): bool => (int) ($t->number('input') ?? 0.0) === $input),
                        ),
                    ),
                ) > 1,
            );
            $hungry = array_values(
                array_filter(
                    $here,
                    static fn (Record $t): bool => $t->text('through') === 'a cable' && (
                        $situation->ear($t->text('source'))?->model->phantom
                        ?? false
                    ),
                ),
            );
            $case = match (true) {
                $taken > $inputs => 'short',
                $twice !== [] => 'twice',
                max([0, ...$given]) > $inputs => 'none-such',
                $hungry !== [] && ! $recorder->flag('phantom') => 'phantom',
                default => null,
            };
            yield $this->finding(
                $case === null ? Severity::Holds : Severity::Breaks,
                [
                    'recorder' => $recorder->text('name'),
                    'count' => (string) $taken,
                    'inputs' => (string) $inputs,
                    'input' => (string) ($twice === [] ? max([0, ...$given]) : array_values($twice)[0]),
                    'source' => $hungry === [] ? '' : $hungry[0]->text('source'),
                ],
                [$recorder->id],
                new Working('sources that end in it against its inputs', ['sources' => (string) $taken, 'inputs' => (string) $inputs]),
                case: $case,
            );
        }
    }
}
