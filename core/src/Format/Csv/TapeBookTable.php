<?php

declare(strict_types=1);

namespace FineFrame\Format\Csv;

use FineFrame\FineFrameException;
use FineFrame\Format\UnreadableFile;
use FineFrame\Measure\Length;
use FineFrame\Measure\UnitSystem;
use FineFrame\Space\Room;
use FineFrame\Space\TapeBook;

/**
 * A tape book as a table: `kind` (wall, tie, angle), `id`, `name`, `from`, `to`, `length` (metres, or with a unit), `degrees` (a wall's
 * turn, or the angle inside a corner), `by`, `left_out`. Corners are named by their letters; walls come in the order of the walk.
 */
final class TapeBookTable
{
    private const HEADS = ['kind', 'id', 'name', 'from', 'to', 'length', 'degrees', 'by', 'left_out'];

    public static function write(Room $room): string
    {
        $letters = self::letters($room->book);
        $name = static fn (string $point): string => $letters[$point] ?? $point;
        $rows = [];
        foreach ($room->book->walls as $i => $wall) {
            $rows[] = [
                'wall',
                $wall->id,
                $wall->name,
                TapeBook::letter($i),
                TapeBook::letter(($i + 1) % count($room->book->walls)),
                $wall->lengthM,
                round(rad2deg($wall->turnRad), 6),
                $wall->by->value ?? 'sketch',
                '',
            ];
        }
        foreach ($room->book->ties as $tie) {
            $rows[] = [
                'tie', $tie->id, '', $name($tie->from), $name($tie->to), $tie->lengthM, '', $tie->by->value,
                $tie->leftOut ? 'yes' : '',
            ];
        }
        foreach ($room->book->angles as $angle) {
            $rows[] = ['angle', $angle->id, '', $name($angle->corner), '', '', round(rad2deg($angle->insideRad), 6), '', ''];
        }

        return Table::write(self::HEADS, $rows);
    }

    /**
     * @return array{walls: list<array<string, mixed>>, ties: list<array<string, mixed>>, angles: list<array<string, mixed>>} as the plan
     *     file writes them
     *
     * @throws UnreadableFile naming the line
     */
    public static function read(string $csv, UnitSystem $bare = UnitSystem::Metric): array
    {
        $book = ['walls' => [], 'ties' => [], 'angles' => []];
        $lines = iterator_to_array(self::lines($csv));
        $corners = [];
        foreach ($lines as $cells) {
            if ($cells['kind'] === 'wall') {
                $corners[TapeBook::letter(count($corners))] = $cells['id'] !== '' ? $cells['id'] : 'w'.(count($corners) + 1);
            }
        }
        $point = static fn (string $name): string => $corners[strtoupper($name)] ?? $name;
        foreach ($lines as $line => $cells) {
            $at = ['id' => $cells['id'] !== '' ? $cells['id'] : $cells['kind'].'-'.$line];
            match ($cells['kind']) {
                'wall' => $book['walls'][] = [
                    'id' => array_values($corners)[count($book['walls'])],
                    'name' => $cells['name'] ?: 'wall '.TapeBook::letter(count($book['walls'])),
                    'length_m' => self::length($line, $cells['length'], $bare),
                    'turn_deg' => $cells['degrees'] === '' ? 90.0 : self::number($line, $cells['degrees']),
                    'by' => $cells['by'] ?: 'tape',
                ],
                'tie' => $book['ties'][] = $at + [
                    'from' => $point($cells['from']),
                    'to' => $point($cells['to']),
                    'length_m' => self::length($line, $cells['length'], $bare),
                    'by' => $cells['by'] ?: 'tape',
                    'left_out' => $cells['left_out'] === 'yes',
                ],
                'angle' => $book['angles'][] = $at + [
                    'corner' => $point($cells['from']),
                    'inside_deg' => self::number($line, $cells['degrees']),
                ],
                default => throw UnreadableFile::atLine($line, 'kind must be wall, tie or angle.'),
            };
        }
        if (count($book['walls']) < 3) {
            throw UnreadableFile::without('three walls');
        }

        return $book;
    }

    /** @return iterable<int, array<string, string>> */
    private static function lines(string $csv): iterable
    {
        foreach (Table::read($csv) as $line => $cells) {
            yield $line => $cells + array_fill_keys(self::HEADS, '');
        }
    }

    /** @return array<string, string> letters by wall */
    private static function letters(TapeBook $book): array
    {
        $letters = [];
        foreach ($book->walls as $i => $wall) {
            $letters[$wall->id] = TapeBook::letter($i);
        }

        return $letters;
    }

    private static function length(int $line, string $text, UnitSystem $bare): float
    {
        try {
            return round(Length::parse($text, $bare)->metres, 6);
        } catch (FineFrameException $e) {
            throw UnreadableFile::atLine($line, $e->getMessage());
        }
    }

    private static function number(int $line, string $text): float
    {
        $clean = str_replace([',', '−', '°'], ['.', '-', ''], $text);

        return is_numeric($clean) ? (float) $clean : throw UnreadableFile::atLine($line, "“{$text}” is not a number.");
    }
}
