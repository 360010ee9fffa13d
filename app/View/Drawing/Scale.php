<?php

declare(strict_types=1);

namespace App\View\Drawing;

/** False colours by stops against the wanted exposure: from night blue under it, paper where it is right, to embers over it. */
final class Scale
{
    /** The lowest step, and a colour for each stop from there. */
    private const FROM = -4;

    private const COLOURS = ['#1d2b53', '#274a78', '#2f7399', '#7db3b5', '#ddd6c2', '#f0b849', '#d9822b', '#b5432a', '#6d1220'];

    /** Between whole stops the colours run over into one another, in thirds. */
    public static function fill(float $stops): string
    {
        $at = max(0.0, min(count(self::COLOURS) - 1.0, round(3 * ($stops - self::FROM)) / 3));
        $low = (int) floor($at);
        [$from, $to] = array_map(
            static fn (string $hex): array => array_map(static fn (string $c): int => (int) hexdec($c), str_split(substr($hex, 1), 2)),
            [self::COLOURS[$low], self::COLOURS[min(count(self::COLOURS) - 1, $low + 1)]],
        );

        return vsprintf(
            '#%02x%02x%02x',
            array_map(static fn (int $a, int $b): int => (int) round($a + ($at - $low) * ($b - $a)), $from, $to),
        );
    }

    /** @return list<array{fill: string, words: string}> the legend, from the lowest up */
    public static function legend(): array
    {
        return array_map(static function (int $i): array {
            $stops = $i + self::FROM;

            return ['fill' => self::COLOURS[$i], 'words' => match (true) {
                $i === 0 => '−4 and less', $i === count(self::COLOURS) - 1 => '+4 and more: clips', $stops === 0 => 'target', default => (
                    $stops > 0
                    ? '+'
                    : '−'
                ).abs($stops)
            }];
        }, array_keys(self::COLOURS));
    }
}
