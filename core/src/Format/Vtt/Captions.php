<?php

declare(strict_types=1);

namespace FineFrame\Format\Vtt;

use FineFrame\Rundown\Decimal;
use FineFrame\Rundown\ImpossibleDay;
use FineFrame\Rundown\Timecode;

/** Marks as subtitles (W3C WebVTT): in real seconds after a recording’s first frame. */
final class Captions
{
    /**
     * @param  list<array{atS?: float, atLabel?: string, lengthS: float|null, text: string}>  $marks  at seconds, or at a label
     * @param  string  $start  label of the first frame
     * @return list<string> lines without their ends
     *
     * @throws ImpossibleDay
     */
    public static function lines(array $marks, Timecode $timecode, string $start, float $usualS): array
    {
        $first = $timecode->frame($start);
        $cues = [];
        foreach ($marks as $mark) {
            $length = Decimal::of($mark['lengthS'] ?? $usualS);
            if (isset($mark['atLabel'])) {
                $after = $timecode->frame($mark['atLabel']) - $first;
                if ($after < 0) {
                    throw ImpossibleDay::negative('A time');
                }
                $seconds = $timecode->seconds($after);
                // A frame lies on no half of a millisecond at these rates but by a hair.
                [$from, $to] = [self::nearest($seconds), self::nearest($seconds + ($mark['lengthS'] ?? $usualS))];
            } else {
                $at = Decimal::of($mark['atS'] ?? 0.0);
                [$from, $to] = [$at->times(1000, 1), $at->plus($length)->times(1000, 1)];
            }
            $cues[] = [$from, max($from + 1, $to), self::plain($mark['text'])];
        }
        usort($cues, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $lines = ['WEBVTT'];
        foreach ($cues as $i => [$from, $to, $text]) {
            array_push($lines, '', (string) ($i + 1), self::clock($from).' --> '.self::clock($to), $text);
        }

        return $lines;
    }

    private static function nearest(float $seconds): int
    {
        return (int) floor(1000 * $seconds + 0.5 + 1e-9);
    }

    private static function clock(int $ms): string
    {
        return sprintf('%02d:%02d:%02d.%03d', intdiv($ms, 3_600_000), intdiv($ms, 60_000) % 60, intdiv($ms, 1000) % 60, $ms % 1000);
    }

    private static function plain(string $text): string
    {
        $text = trim((string) preg_replace('/[ \t\r\n]+/', ' ', $text), " \t\r\n");

        return strtr($text, ['&' => '&amp;', '<' => '&lt;', '>' => '&gt;']);
    }
}
