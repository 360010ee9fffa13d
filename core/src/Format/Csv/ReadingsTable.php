<?php

declare(strict_types=1);

namespace FineFrame\Format\Csv;

use FineFrame\Format\UnreadableFile;
use FineFrame\Scout\PlaceLists;

/** Readings of real devices as a table: a `list` (light, colour, noise, circuits) and any of that list's own columns, in SI units. */
final class ReadingsTable
{
    public const LISTS = ['light', 'colour', 'noise', 'circuits'];

    /**
     * @return array<string, list<array<string, string|float|bool>>> entries without ids, by list
     *
     * @throws UnreadableFile naming the line
     */
    public static function read(string $csv): array
    {
        $found = [];
        foreach (Table::read($csv) as $line => $cells) {
            $list = $cells['list'] ?? '';
            if (! in_array($list, self::LISTS, true)) {
                throw UnreadableFile::atLine($line, 'list must be '.implode(', ', self::LISTS).'.');
            }
            if (($cells['name'] ?? '') === '') {
                throw UnreadableFile::atLine($line, 'a reading needs a name: where it was taken, or of what.');
            }
            $entry = [];
            foreach ($cells as $head => $text) {
                if ($head === 'list' || $text === '') {
                    continue;
                }
                $column = PlaceLists::all()[$list][$head] ?? throw UnreadableFile::atLine($line, "{$list} has no column “{$head}”.");
                $entry[$head] = Cell::of($column, $text);
                if (is_string($entry[$head]) && $column->isNumber()) {
                    throw UnreadableFile::atLine($line, "“{$text}” is not a number.");
                }
            }
            $found[$list][] = $entry;
        }
        if ($found === []) {
            throw UnreadableFile::without('reading');
        }

        return $found;
    }
}
