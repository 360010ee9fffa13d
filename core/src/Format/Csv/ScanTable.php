<?php

declare(strict_types=1);

namespace FineFrame\Format\Csv;

use FineFrame\Format\UnreadableFile;

/**
 * A scan of the air: a frequency and a level a line, in Hz, kHz or MHz by its size. What stands well over the floor, which is
 * the middle of all levels, is taken to be in use, and neighbours are joined.
 */
final class ScanTable
{
    private const OVER_FLOOR_DB = 12.0;

    private const MOST_LINES = 200_000;

    private const MOST_PARTS = 80;

    /**
     * @return list<array{from: float, to: float, level: float}> MHz and dBm, in order
     *
     * @throws UnreadableFile naming the line
     */
    public static function read(string $csv): array
    {
        $lines = preg_split('/\r\n|\r|\n/', trim($csv)) ?: [];
        if (count($lines) > self::MOST_LINES) {
            throw UnreadableFile::saying(
                'The scan has more than '.number_format(self::MOST_LINES).' lines.',
            );
        }
        $scan = [];
        foreach ($lines as $i => $line) {
            $cells = array_map(static fn (string $c): string => trim($c, " \t\"'"), preg_split('/[;\t]|,(?=\s*-?\d)/', trim($line)) ?: []);
            if (! is_numeric($cells[0] ?? '') || ! is_numeric($cells[1] ?? '')) {
                // A heading may stand before the numbers, nothing between them.
                if (! ($scan === [] && $i < 20)) {
                    throw UnreadableFile::atLine($i + 1, 'enter a frequency and a level, as 470.125,-92.5.');
                }

                continue;
            }
            $scan[] = [self::mhz((float) $cells[0], $i + 1), (float) $cells[1]];
        }
        if (count($scan) < 10) {
            throw UnreadableFile::saying('This is not a scan: it needs at least ten lines of frequency and level.');
        }
        sort($scan);

        return self::parts($scan);
    }

    private static function mhz(float $value, int $line): float
    {
        $mhz = match (true) {
            $value >= 1e7 => $value / 1e6, $value >= 1e4 => $value / 1e3, default => $value
        };

        $wrong = "$value is not a frequency between 30 MHz and 7 GHz.";

        return $mhz >= 30 && $mhz <= 7000 ? $mhz : throw UnreadableFile::atLine($line, $wrong);
    }

    /**
     * @param  non-empty-list<array{float, float}>  $scan
     * @return list<array{from: float, to: float, level: float}>
     */
    private static function parts(array $scan): array
    {
        $levels = array_column($scan, 1);
        sort($levels);
        $floor = $levels[intdiv(count($levels), 2)];
        $step = max(0.001, ($scan[count($scan) - 1][0] - $scan[0][0]) / max(1, count($scan) - 1));
        $parts = [];
        foreach ($scan as [$mhz, $level]) {
            if ($level < $floor + self::OVER_FLOOR_DB) {
                continue;
            }
            $last = count($parts) - 1;
            if ($last >= 0 && $mhz - $parts[$last]['to'] < 1.6 * $step) {
                $parts[$last] = ['from' => $parts[$last]['from'], 'to' => $mhz + $step / 2, 'level' => max($parts[$last]['level'], $level)];
            } else {
                $parts[] = ['from' => $mhz - $step / 2, 'to' => $mhz + $step / 2, 'level' => $level];
            }
        }
        usort($parts, static fn (array $a, array $b): int => $b['level'] <=> $a['level']);
        $parts = array_slice($parts, 0, self::MOST_PARTS);
        usort($parts, static fn (array $a, array $b): int => $a['from'] <=> $b['from']);

        return $parts;
    }
}
