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
    /** From where to where the horizontal angles of type C may run. */
    private const AROUND = [[0.0, 0.0], [0.0, 90.0], [0.0, 180.0], [0.0, 360.0], [90.0, 270.0]];

    private const MOST_ANGLES = 1000;

    private const MOST_VALUES = 100_000;

    private const MOST_BYTES = 4_000_000;

    /** Metres in the units that a file may say. */
    private const UNITS = [1 => 0.3048, 2 => 1.0];

    /**
     * @param  list<array{string, int}>  $tokens  words with their lines
     * @param  bool  $hasGeneration  whether the second of the three factors is a code of how the file came to be, as from 2019 on
     */
    private function __construct(private readonly array $tokens, private readonly bool $hasGeneration, private int $at = 0)
    {
    }

    /** @throws UnreadableFile naming the line */
    public static function read(string $file): PhotometricWeb
    {
        if (strlen($file) > self::MOST_BYTES) {
            throw UnreadableFile::atLine(
                1,
                'the file is larger than 4 MB; a lamp’s data are far smaller.',
            );
        }
        if (str_contains($file, "\0")) {
            throw UnreadableFile::atLine(1, 'this is not a text file.');
        }
        $lines = preg_split('/\r\n|\r|\n/', $file) ?: [];
        foreach ($lines as $i => $line) {
            if (str_starts_with(strtoupper(trim($line)), 'TILT=')) {
                $tilt = strtoupper(trim(substr(trim($line), 5)));
                if (! in_array($tilt, ['NONE', 'INCLUDE'], true)) {
                    throw UnreadableFile::atLine(
                        $i + 1,
                        'tilt from another file cannot be read: TILT=NONE or TILT=INCLUDE is needed.',
                    );
                }

                return (new self(self::words($lines, $i + 1), str_contains(strtoupper($lines[0]), 'LM-63-2019')))->web($tilt === 'INCLUDE');
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
        if ($vertical * $horizontal > self::MOST_VALUES) {
            throw UnreadableFile::atLine(
                $this->line(),
                'more values are declared than a lamp’s data can have.',
            );
        }
        $type = $this->number('the photometric type');
        if ((int) $type !== 1) {
            throw UnreadableFile::atLine($this->line(), 'only type C photometry can be read.');
        }
        $unit = self::UNITS[$this->count('the unit of size, 1 for feet or 2 for metres', 1, 2)];
        // A negative size is a round one's diameter.
        $size = array_map(static fn (float $s): float => abs($s) * $unit, $this->numbers(3, 'width, length and height'));
        [$ballast, $next, $watts] = $this->numbers(3, 'ballast factor, its companion and watts');
        $v = $this->angles($vertical, 'vertical', 180.0);
        if (! (in_array($v[0], [0.0, 90.0], true) && in_array($v[count($v) - 1], [90.0, 180.0], true))) {
            throw UnreadableFile::atLine(
                $this->line(),
                "the vertical angles must begin at 0 or 90 and end at 90 or 180; they run from $v[0] to ".$v[count($v) - 1].'.',
            );
        }
        $h = $this->angles($horizontal, 'horizontal', 360.0);
        if (! in_array([$h[0], $h[count($h) - 1]], self::AROUND, true)) {
            throw UnreadableFile::atLine(
                $this->line(),
                "the horizontal angles must run from 0 to 0, 90, 180 or 360, or from 90 to 270; they run from $h[0] to ".$h[count($h) - 1].'.',
            );
        }
        $factor = $multiplier * $ballast * ($this->hasGeneration ? 1.0 : $next);
        $candela = [];
        for ($i = 0; $i < $horizontal; $i++) {
            $candela[] = array_map(static fn (float $c): float => $c * $factor, $this->numbers($vertical, 'candela'));
        }
        if ($this->at !== count($this->tokens)) {
            throw UnreadableFile::atLine(
                $this->line(),
                'there are more values than declared, beginning with “'.$this->tokens[$this->at][0].'”.',
            );
        }
        assert($candela !== []);

        return new PhotometricWeb($v, $h, $candela, $watts, [$size[0], $size[1]]);
    }

    /** @return non-empty-list<float> */
    private function angles(int $count, string $which, float $most): array
    {
        $angles = [];
        for ($i = 0; $i < $count; $i++) {
            $angle = $this->number("$which angle ".($i + 1));
            $before = $angles[$i - 1] ?? -INF;
            if (! ($angle > $before && $angle >= 0 && $angle <= $most)) {
                throw UnreadableFile::atLine(
                    $this->line(),
                    "the $which angles must ascend from 0 to ".(int) $most.": $angle follows ".(
                        $i === 0
                        ? 'nothing'
                        : (string) $before
                    ).'.',
                );
            }
            $angles[] = $angle;
        }

        return $angles === [] ? [0.0] : $angles;
    }

    private function count(string $what, int $least, int $most): int
    {
        $value = $this->number($what);

        return $value === floor($value) && $value >= $least && $value <= $most
            ? (int) $value
            : throw UnreadableFile::atLine($this->line(), "$what must be a whole number from $least to $most.");
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
        [$word] = $this->tokens[$this->at] ?? throw UnreadableFile::atLine(
            $this->line(),
            "the file ends before $what: fewer values than declared.",
        );
        $this->at++;

        return is_numeric($word) && is_finite((float) $word)
            ? (float) $word
            : throw UnreadableFile::atLine($this->line(), "“{$word}” stands where a number belongs ($what).");
    }

    /** The line of what was read last. */
    private function line(): int
    {
        return $this->tokens[max(0, min(count($this->tokens), $this->at) - 1)][1] ?? 1;
    }
}
