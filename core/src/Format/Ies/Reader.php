<?php

declare(strict_types=1);

namespace FineFrame\Format\Ies;

use FineFrame\Format\UnreadableFile;
use FineFrame\Light\PhotometricWeb;

/**
 * Reads ANSI/IESNA LM-63 (1986 to 2002), type C, without or with included tilt. Strict: what is declared must be there, in
 * order, and nothing besides.
 */
final class Reader
{
    private const MOST_ANGLES = 1000;

    private const MOST_VALUES = 100_000;

    private const MOST_BYTES = 4_000_000;

    /** @param  list<array{string, int}>  $tokens  words with their lines */
    private function __construct(private readonly array $tokens, private int $at = 0)
    {
    }

    /** @throws UnreadableFile naming the line */
    public static function read(string $file): PhotometricWeb
    {
        strlen($file) <= self::MOST_BYTES ?: throw UnreadableFile::atLine(1, 'the file is larger than 4 MB; a lamp’s data are far smaller.');
        ! str_contains($file, "\0") ?: throw UnreadableFile::atLine(1, 'this is not a text file.');
        $lines = preg_split('/\r\n|\r|\n/', $file) ?: [];
        foreach ($lines as $i => $line) {
            if (str_starts_with(strtoupper(trim($line)), 'TILT=')) {
                $tilt = strtoupper(trim(substr(trim($line), 5)));
                in_array($tilt, ['NONE', 'INCLUDE'], true) ?: throw UnreadableFile::atLine($i + 1, 'tilt from another file cannot be read: TILT=NONE or TILT=INCLUDE is needed.');

                return (new self(self::words($lines, $i + 1)))->web($tilt === 'INCLUDE');
            }
        }
        throw UnreadableFile::without('TILT= line, as every IES file has');
    }

    /**
     * @param  list<string>  $lines
     * @return list<array{string, int}>
     */
    private static function words(array $lines, int $from): array
    {
        $words = [];
        foreach (array_slice($lines, $from) as $i => $line) {
            foreach (preg_split('/[\s,]+/', trim($line), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
                $words[] = [$word, $from + $i + 1];
            }
        }

        return $words;
    }

    private function web(bool $tilted): PhotometricWeb
    {
        if ($tilted) {
            $this->number('the lamp’s position in its tilt');
            $pairs = $this->count('the number of tilt angles', 1, self::MOST_ANGLES);
            $this->numbers(2 * $pairs, 'tilt');
        }
        [, , $multiplier] = $this->numbers(3, 'lamps, lumens and multiplier');
        $vertical = $this->count('the number of vertical angles', 1, self::MOST_ANGLES);
        $horizontal = $this->count('the number of horizontal angles', 1, self::MOST_ANGLES);
        $vertical * $horizontal <= self::MOST_VALUES ?: throw UnreadableFile::atLine($this->line(), 'more values are declared than a lamp’s data can have.');
        $type = $this->number('the photometric type');
        (int) $type === 1 ?: throw UnreadableFile::atLine($this->line(), 'only type C photometry can be read.');
        $this->numbers(4, 'units and size');
        [$ballast, $next, $watts] = $this->numbers(3, 'ballast factor, its companion and watts');
        $v = $this->angles($vertical, 'vertical', 180.0);
        $h = $this->angles($horizontal, 'horizontal', 360.0);
        $factor = $multiplier * $ballast * $next;
        $candela = [];
        for ($i = 0; $i < $horizontal; $i++) {
            $candela[] = array_map(static fn (float $c): float => $c * $factor, $this->numbers($vertical, 'candela'));
        }
        $this->at === count($this->tokens) ?: throw UnreadableFile::atLine($this->line(), 'there are more values than declared, beginning with “'.$this->tokens[$this->at][0].'”.');
        assert($candela !== []);

        return new PhotometricWeb($v, $h, $candela, $watts);
    }

    /** @return non-empty-list<float> */
    private function angles(int $count, string $which, float $most): array
    {
        $angles = [];
        for ($i = 0; $i < $count; $i++) {
            $angle = $this->number("$which angle ".($i + 1));
            $before = $angles[$i - 1] ?? -INF;
            $angle > $before && $angle >= 0 && $angle <= $most ?: throw UnreadableFile::atLine($this->line(), "the $which angles must ascend from 0 to ".(int) $most.": $angle follows ".($i === 0 ? 'nothing' : (string) $before).'.');
            $angles[] = $angle;
        }

        return $angles === [] ? [0.0] : $angles;
    }

    private function count(string $what, int $least, int $most): int
    {
        $value = $this->number($what);

        return $value === floor($value) && $value >= $least && $value <= $most ? (int) $value : throw UnreadableFile::atLine($this->line(), "$what must be a whole number from $least to $most.");
    }

    /** @return non-empty-list<float> */
    private function numbers(int $count, string $what): array
    {
        $numbers = [$this->number($what)];
        for ($i = 1; $i < $count; $i++) {
            $numbers[] = $this->number($what);
        }

        return $numbers;
    }

    private function number(string $what): float
    {
        [$word] = $this->tokens[$this->at] ?? throw UnreadableFile::atLine($this->line(), "the file ends before $what: fewer values than declared.");
        $this->at++;

        return is_numeric($word) && is_finite((float) $word) ? (float) $word : throw UnreadableFile::atLine($this->line(), "“{$word}” stands where a number belongs ($what).");
    }

    /** The line of what was read last. */
    private function line(): int
    {
        return $this->tokens[max(0, min(count($this->tokens), $this->at) - 1)][1] ?? 1;
    }
}
