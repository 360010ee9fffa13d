<?php

declare(strict_types=1);

namespace FineFrame\Format\Csv;

use FineFrame\Document\ColumnKind;
use FineFrame\Document\Fields;
use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Document\Problems;
use FineFrame\Document\Record;
use FineFrame\Format\UnreadableFile;
use FineFrame\Measure\UnitSystem;
use FineFrame\Plan\Kit;
use FineFrame\Plan\Stock;

/**
 * The kit as a table: `gear` (body, lens … stock) and that gear's own columns in SI units and millimetres, as docs/FORMAT has them. What is
 * no single value (modes of a body, measured light) stays as it is.
 */
final class KitTable
{
    private const LISTS = [
        'body' => 'bodies',
        'lens' => 'lenses',
        'reducer' => 'reducers',
        'support' => 'supports',
        'prompter' => 'prompters',
        'lamp' => 'fixtures',
        'modifier' => 'modifiers',
        'microphone' => 'microphones',
        'pole' => 'poles',
        'joint' => 'joiners',
        'pack' => 'packs',
        'charger' => 'chargers',
        'stock' => 'stock',
    ];

    public static function write(Kit $kit): string
    {
        $rows = $heads = [];
        foreach (self::LISTS as $gear => $list) {
            foreach (self::written($kit, $list) as $model) {
                $row = ['gear' => $gear];
                foreach (array_filter($model, is_scalar(...)) as $key => $value) {
                    $row[(string) $key] = is_bool($value) ? self::flag($value) : (string) $value;
                }
                $rows[] = $row;
                $heads += array_fill_keys(array_keys($row), true);
            }
        }
        $heads = array_keys($heads);

        return Table::write(
            $heads,
            array_map(static fn (array $row): array => array_map(static fn (string $head): ?string => $row[$head] ?? null, $heads), $rows),
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
        foreach (self::LISTS as $list) {
            $lists[$list] = array_column(self::written($kit, $list), null, 'id');
        }
        $found = 0;
        foreach (Table::read($csv) as $line => $cells) {
            $gear = $cells['gear'] ?? '';
            $list = self::LISTS[$gear] ?? throw UnreadableFile::atLine($line, 'gear must be '.implode(', ', array_keys(self::LISTS)).'.');
            $id = $cells['id'] ?? '';
            if ($id === '') {
                throw UnreadableFile::atLine($line, 'an id is needed, to know it again by.');
            }
            $lists[$list][$id] = self::line($line, self::reader($list), array_diff_key($cells, ['gear' => '']), $lists[$list][$id] ?? []);
            $found++;
        }
        if ($found <= 0) {
            throw UnreadableFile::without('line of gear');
        }

        return array_filter(array_map(array_values(...), $lists));
    }

    /** @return \Closure(Node): Part */
    private static function reader(string $list): \Closure
    {
        return Kit::readers()[$list] ?? static fn (Node $n): Record => Record::read($n, Stock::columns());
    }

    /** @return list<array<string, mixed>> */
    private static function written(Kit $kit, string $list): array
    {
        return array_values(array_map(static fn (Part $m): array => $m->write(), $kit->models()[$list] ?? $kit->stock->rows));
    }

    /**
     * @param  \Closure(Node): Part  $read
     * @param  array<string, string>  $cells
     * @param  array<string, mixed>  $model  as it was
     * @return array<string, mixed>
     *
     * @throws UnreadableFile if the plan could not hold it
     */
    private static function line(int $line, \Closure $read, array $cells, array $model): array
    {
        $columns = Fields::of($read)->columns();
        foreach ($cells as $head => $text) {
            $column = $columns[$head] ?? null;
            if ($text !== '') {
                $model[$head] = $column === null ? $text : Cell::of($column, $text);
            } elseif ($column?->kind === ColumnKind::Flag) {
                $model[$head] = false;
            }
        }
        $problems = new Problems;
        $read(Node::root($model, $problems));
        foreach ($problems->all() as $problem) {
            throw UnreadableFile::atLine($line, trim($problem->pointer, '/').' '.$problem->sentence(UnitSystem::Metric).'.');
        }

        return $model;
    }

    private static function flag(bool $value): string
    {
        return $value ? 'yes' : '';
    }
}
