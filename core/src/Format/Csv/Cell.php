<?php

declare(strict_types=1);

namespace FineFrame\Format\Csv;

use FineFrame\Document\Column;
use FineFrame\Document\ColumnKind;

/** What stands in a cell of a table, as the plan file writes it. */
final class Cell
{
    /** @return string|float|bool text where a number should be and is none: whoever reads the plan refuses it */
    public static function of(Column $column, string $text): string|float|bool
    {
        $number = str_replace(',', '.', $text);

        return match ($column->kind) {
            ColumnKind::Flag => in_array(mb_strtolower($text), ['yes', 'true', '1'], true),
            ColumnKind::Number, ColumnKind::Metres, ColumnKind::Degrees => is_numeric($number) ? (float) $number : $text,
            default => $text,
        };
    }
}
