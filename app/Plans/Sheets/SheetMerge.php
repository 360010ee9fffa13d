<?php

declare(strict_types=1);

namespace App\Plans\Sheets;

use App\View\Reader;

/**
 * Rows that were changed without a connection, laid over the list as it is now: field by field, and what others changed meanwhile stays.
 */
final class SheetMerge
{
    /** Whether a field was changed on both sides, or a row is gone that was changed here. */
    public bool $isTorn = false;

    public function __construct(private readonly Sheet $sheet, private readonly Reader $reader)
    {
    }

    /**
     * @param  array<array-key, array<string, string>>  $changed  the fields that were changed, with the row's id
     * @param  array<array-key, array<string, string>>  $was  what stood in each of them
     * @param  string  $dropped  the id of a row that was taken out
     * @return list<array<string, string>> all rows as typed
     */
    public function typed(array $changed, array $was, string $dropped): array
    {
        $rows = [];
        foreach ($this->sheet->rows as $row) {
            $id = is_string($row['id'] ?? null) ? $row['id'] : '';
            $cells = ['id' => $id];
            foreach (array_keys($this->sheet->columns) as $column) {
                $cells[$column] = $this->sheet->field($column, $row)->text($this->reader);
            }
            $rows[$id] = $cells;
        }
        $added = [];
        foreach ($changed as $i => $cells) {
            $id = $cells['id'] ?? '';
            if ($id === '' || ! isset($rows[$id])) {
                $this->isTorn = $this->isTorn || $id !== '';
                $added[] = $cells;

                continue;
            }
            foreach ($cells as $column => $text) {
                $isTheirs = $column !== 'id' && $rows[$id][$column] !== ($was[$i][$column] ?? '') && $rows[$id][$column] !== $text;
                $this->isTorn = $this->isTorn || $isTheirs;
                $rows[$id][$column] = $text;
            }
        }
        unset($rows[$dropped]);

        return [...array_values($rows), ...$added];
    }
}
