<?php

declare(strict_types=1);

namespace App\Plans\Sheets;

use App\Plans\Cards\Field;
use App\Plans\Cards\FieldKind;
use FineFrame\Document\Column;
use FineFrame\Document\ColumnKind;

/** A list of the plan as a form: a row for each entry, and one to add. */
final readonly class Sheet
{
    /**
     * @param  string  $pointer  of the list in the plan
     * @param  array<string, Column>  $columns
     * @param  list<array<array-key, mixed>>  $rows  as the plan file writes them
     * @param  string  $needed  the column without which there is no entry
     * @param  array<string, array<string, string>>  $options  what a column may name, by value
     * @param  list<array<array-key, mixed>>  $shipped  entries that are there anyway: the plan keeps only what differs
     */
    public function __construct(
        public string $name,
        public string $pointer,
        public array $columns,
        public array $rows,
        public string $needed = 'name',
        public array $options = [],
        public array $shipped = [],
    ) {
    }

    /** What a column is called: in this list, else wherever it is met. */
    public function label(string $column): string
    {
        return self::word("sheets.columns_of.$this->name.$column", '') ?: self::word(
            "sheets.columns.$column",
            str_replace('_', ' ', (string) preg_replace('/_(m|deg|mm|px|a|dba|s|km)$/', '', $column)),
        );
    }

    public function title(): string
    {
        return self::word("sheets.titles.$this->name", $this->name);
    }

    public function one(): string
    {
        return self::word("sheets.ones.$this->name", 'entry');
    }

    public function hint(): string
    {
        return self::word("sheets.hints.$this->name", '');
    }

    /** @param  array<array-key, mixed>  $row */
    public function field(string $column, array $row): Field
    {
        $shape = $this->columns[$column];
        $value = $row[$column] ?? $shape->default;
        $options = $this->options[$column] ?? [];
        $kind = match ($shape->kind) {
            ColumnKind::Metres => FieldKind::Length,
            ColumnKind::Number, ColumnKind::Degrees => FieldKind::Number,
            ColumnKind::Flag => FieldKind::Flag,
            ColumnKind::Choice => FieldKind::Choice,
            ColumnKind::Text, ColumnKind::Clock, ColumnKind::Date, ColumnKind::Colour, ColumnKind::Id => $options === []
                ? FieldKind::Text
                : FieldKind::Choice,
        };

        return new Field(
            $column,
            $this->label($column),
            $kind,
            match (true) {
                is_int($value) => (float) $value,
                is_scalar($value) => $value,
                default => null,
            },
            $options ?: array_combine($shape->choices, $shape->choices),
            self::unit($shape),
        );
    }

    public static function unit(Column $column): string
    {
        return match ($column->unit->value) {
            'lx' => 'lx',
            'db_a' => 'dB(A)',
            'kelvin' => 'K',
            'ampere' => 'A',
            'volt' => 'V',
            'deg' => '°',
            'mm' => 'mm',
            's' => 's',
            'watt' => 'W',
            default => '',
        };
    }

    private static function word(string $key, string $fallback): string
    {
        $word = __($key);

        return is_string($word) && $word !== $key ? $word : $fallback;
    }
}
