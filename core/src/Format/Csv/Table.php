<?php

declare(strict_types=1);

namespace FineFrame\Format\Csv;

use FineFrame\Format\UnreadableFile;

/**
 * Comma-separated values as RFC 4180 has them but for line breaks inside a cell, with a header; semicolons are understood, a byte-order
 * mark is passed over.
 */
final class Table
{
    private const MOST_LINES = 5000;

    private const MOST_BYTES = 4_000_000;

    /**
     * @return iterable<int, array<string, string>> cells by heading, by line
     *
     * @throws UnreadableFile if there is no header or a line has more cells than it
     */
    public static function read(string $csv): iterable
    {
        if (strlen($csv) > self::MOST_BYTES) {
            throw UnreadableFile::saying('The table is larger than 4 MB: split it and import the parts.');
        }
        if (substr_count($csv, "\n") > self::MOST_LINES) {
            throw UnreadableFile::atLine(
                self::MOST_LINES,
                'a table may have 5000 lines at most.',
            );
        }
        $lines = preg_split('/\R/', str_starts_with($csv, "\xEF\xBB\xBF") ? substr($csv, 3) : $csv) ?: [];
        $first = $lines[0] ?? '';
        $separator = substr_count($first, ';') > substr_count($first, ',') ? ';' : ',';
        $heads = array_map(static fn (?string $h): string => mb_strtolower(trim((string) $h)), str_getcsv($first, $separator, '"', ''));
        foreach ($heads as $head) {
            if (is_numeric($head)) {
                throw UnreadableFile::atLine(1, "“{$head}” is not a column we know: the first line names the columns.");
            }
        }
        if (count(array_filter($heads)) <= 1) {
            throw UnreadableFile::without('header of columns');
        }
        if (count($lines) > self::MOST_LINES) {
            throw UnreadableFile::atLine(self::MOST_LINES, 'a table may have 5000 lines at most.');
        }
        foreach (array_slice($lines, 1, preserve_keys: true) as $i => $line) {
            if (trim($line) === '') {
                continue;
            }
            $cells = array_map(static fn (?string $c): string => trim((string) $c), str_getcsv($line, $separator, '"', ''));
            if (count($cells) > count($heads)) {
                throw UnreadableFile::atLine($i + 1, 'more cells than the header has columns.');
            }
            yield $i + 1 => array_combine($heads, array_pad($cells, count($heads), ''));
        }
    }

    /**
     * @param  list<string>  $heads
     * @param  list<list<string|int|float|null>>  $rows
     */
    public static function write(array $heads, array $rows): string
    {
        // A cell that a spreadsheet would take for a formula is quoted as text (OWASP, CSV injection).
        $cell = static function (string|int|float|null $value): string {
            $text = is_string($value) && preg_match('/^[=+@\t]|^-\D/', $value) === 1 ? "'".$value : (string) $value;

            return preg_match('/[",;\r\n]/', $text) === 1 ? '"'.str_replace('"', '""', $text).'"' : $text;
        };

        return implode(
            "\r\n",
            array_map(static fn (array $row): string => implode(',', array_map($cell, $row)), [$heads, ...$rows]),
        )."\r\n";
    }
}
