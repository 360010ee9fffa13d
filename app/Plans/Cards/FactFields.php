<?php

declare(strict_types=1);

namespace App\Plans\Cards;

use App\Plans\Sheets\Sheet;
use FineFrame\Document\Column;
use FineFrame\Document\Record;

/** Fields for the columns of a record that is the only one of its kind. */
final class FactFields
{
    /**
     * @param  array<string, Column>  $columns
     * @param  list<string>  $names  which of them, in this order
     * @return list<Field>
     */
    public static function of(string $base, Record $record, array $columns, array $names): array
    {
        $sheet = new Sheet('facts', $base, $columns, []);
        $row = [];
        foreach (array_keys($columns) as $name) {
            $row[$name] = $record->value($name);
        }

        return array_map(static function (string $name) use ($sheet, $row, $base): Field {
            $field = $sheet->field($name, array_filter($row, static fn (mixed $v): bool => $v !== null));

            return new Field("$base/$name", $field->label, $field->kind, $field->value, $field->options, $field->unit, true);
        }, $names);
    }
}
