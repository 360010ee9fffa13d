<?php

declare(strict_types=1);

namespace FineFrame\Format\Csv;

use FineFrame\Camera\Body;
use FineFrame\Camera\Lens;
use FineFrame\Camera\Prompter;
use FineFrame\Camera\Reducer;
use FineFrame\Document\Node;
use FineFrame\Document\Problems;
use FineFrame\Format\UnreadableFile;
use FineFrame\Grip\Support;
use FineFrame\Measure\UnitSystem;
use FineFrame\Plan\Kit;

/**
 * Camera gear as a table: a `kind` (body, lens, reducer, support, prompter) and that kind's own columns in SI units and
 * millimetres, as docs/FORMAT has them; `own` is yes for what need not be hired. Modes of a body stay as they are.
 */
final class KitTable
{
    public const KINDS = [
        'body' => 'bodies',
        'lens' => 'lenses',
        'reducer' => 'reducers',
        'support' => 'supports',
        'prompter' => 'prompters',
    ];

    public static function write(Kit $kit): string
    {
        $rows = $heads = [];
        foreach (self::models($kit) as $kind => $models) {
            foreach ($models as $model) {
                $row = ['kind' => $kind];
                foreach ($model->write() as $key => $value) {
                    if (is_scalar($value)) {
                        $row[(string) $key] = is_bool($value) ? ($value ? 'yes' : '') : (is_float($value) ? (string) $value : $value);
                    }
                }
                $rows[] = $row;
                $heads += array_fill_keys(array_keys($row), true);
            }
        }

        return Table::write(
            array_keys($heads),
            array_map(
                static fn (array $row): array => array_map(
                    static fn (string $head): string|int|null => $row[$head] ?? null,
                    array_keys($heads),
                ),
                $rows,
            ),
        );
    }

    /**
     * @return array<string, list<array<string, mixed>>> the kit's lists as the plan file writes them, what the table names changed or added
     *
     * @throws UnreadableFile naming the line
     */
    public static function read(string $csv, Kit $kit): array
    {
        $lists = [];
        foreach (self::models($kit) as $kind => $models) {
            foreach ($models as $model) {
                /** @var array<string, mixed> $written */
                $written = $model->write();
                $lists[self::KINDS[$kind]][self::id($written)] = $written;
            }
        }
        $found = 0;
        foreach (Table::read($csv) as $line => $cells) {
            $kind = $cells['kind'] ?? '';
            $list = self::KINDS[$kind] ?? throw UnreadableFile::atLine($line, 'kind must be '.implode(', ', array_keys(self::KINDS)).'.');
            if (($cells['id'] ?? '') === '') {
                throw UnreadableFile::atLine($line, 'an id is needed, to know it again by.');
            }
            $model = $lists[$list][$cells['id']] ?? [];
            foreach ($cells as $head => $text) {
                if ($head !== 'kind' && $text !== '') {
                    $model[$head] = self::value($head, $text);
                } elseif (in_array($head, ['own', 'parfocal'], true)) {
                    $model[$head] = false;
                }
            }
            self::check($line, $kind, $model);
            $lists[$list][$cells['id']] = $model;
            $found++;
        }
        if ($found <= 0) {
            throw UnreadableFile::without('line of gear');
        }

        return array_map(array_values(...), $lists);
    }

    /**
     * @return array<string, array<string, Body>|array<string, Lens>|array<string, Reducer>|array<string, Support>|array<string, Prompter>>
     */
    private static function models(Kit $kit): array
    {
        return [
            'body' => $kit->bodies,
            'lens' => $kit->lenses,
            'reducer' => $kit->reducers,
            'support' => $kit->supports,
            'prompter' => $kit->prompters,
        ];
    }

    private static function value(string $head, string $text): string|int|float|bool
    {
        return match (true) {
            in_array($head, ['own', 'parfocal'], true) => in_array(mb_strtolower($text), ['yes', 'true', '1'], true),
            in_array($head, ['id', 'name', 'kind'], true) => $text,
            is_numeric($clean = str_replace(',', '.', $text)) => str_contains($clean, '.') ? (float) $clean : (int) $clean,
            default => $text,
        };
    }

    /**
     * @param  array<string, mixed>  $model
     *
     * @throws UnreadableFile if the plan could not hold it
     */
    private static function check(int $line, string $kind, array $model): void
    {
        $problems = new Problems;
        $node = Node::root($model, $problems);
        match ($kind) {
            'body' => Body::read($node),
            'lens' => Lens::read($node),
            'reducer' => Reducer::read($node),
            'support' => Support::read($node),
            default => Prompter::read($node),
        };
        foreach ($problems->all() as $problem) {
            throw UnreadableFile::atLine($line, trim($problem->pointer, '/').' '.$problem->sentence(UnitSystem::Metric).'.');
        }
    }

    /** @param  array<array-key, mixed>  $written */
    private static function id(array $written): string
    {
        return is_string($written['id'] ?? null) ? $written['id'] : '';
    }
}
