<?php

declare(strict_types=1);

namespace FineFrame\Format\Eulumdat;

use FineFrame\Format\UnreadableFile;
use FineFrame\Light\PhotometricWeb;

/**
 * Reads EULUMDAT (Stockmar 1990; "EULUMDAT/2", 1998): a value a line, in a fixed order, intensities in candela for a thousand
 * lumens. Strict: what is declared must be there, and nothing besides. A negative number of lamps says that the values are
 * of the lamp as a whole; both kinds are scaled by its lumens.
 */
final class Reader
{
    private const MOST_BYTES = 4_000_000;

    /** What stands on the lines before the angles: names first, then numbers. */
    private const HEAD = 26;

    private const SET = 6;

    /** Lines before length and width of the luminous area. */
    private const LUMINOUS = 15;

    private const RATIOS = 10;

    /** @param  list<string>  $lines */
    private function __construct(private readonly array $lines, private int $at = 0)
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

        return (new self(preg_split('/\r\n|\r|\n/', rtrim($file)) ?: []))->web();
    }

    private function web(): PhotometricWeb
    {
        $this->at = 2;
        $symmetry = $this->count('the symmetry', 0, 4);
        $planes = $this->count('the number of C-planes', 1, 721);
        $this->number('the distance between C-planes');
        $angles = $this->count('the number of angles in a plane', 2, 361);
        $this->at = self::LUMINOUS;
        // Millimetres; a width of 0 is a round one.
        $length = $this->number('the length of what shines') / 1000;
        $width = $this->number('the width of what shines') / 1000;
        $this->at = 23;
        $factor = $this->number('the conversion factor');
        $this->at = self::HEAD - 1;
        $sets = $this->count('the number of sets of lamps', 1, 20);
        [$lumens, $watts] = [0.0, 0.0];
        for ($set = 0; $set < $sets; $set++) {
            $this->number('the number of lamps in a set');
            $this->at++;
            $lumens += $this->number('the lumens of a set');
            $this->at += 2;
            $watts += $this->number('the watts of a set');
        }
        $this->at = self::HEAD + self::SET * $sets + self::RATIOS;
        if ($lumens <= 0) {
            throw UnreadableFile::atLine(self::HEAD + 3, 'the lamps give no lumens.');
        }
        $c = $this->angles($planes, 'C', 360.0);
        $g = $this->angles($angles, 'G', 180.0);
        $candela = [];
        foreach ($this->given($symmetry, $planes) as $plane) {
            for ($i = 0; $i < $angles; $i++) {
                $candela[$plane][] = max(0.0, $this->number('an intensity')) * $lumens * $factor / 1000;
            }
        }
        if ($this->at !== count($this->lines)) {
            throw UnreadableFile::atLine($this->at + 1, 'there are more values than declared.');
        }

        return $this->all($symmetry, $c, $g, $candela, $watts, [$width > 0 ? $width : $length, $length], $lumens);
    }

    /**
     * The planes that the file gives, by their number: the rest follow by symmetry.
     *
     * @return list<int>
     */
    private function given(int $symmetry, int $planes): array
    {
        return match ($symmetry) {
            1 => [0],
            2 => range(0, intdiv($planes, 2)),
            // From C270 over C0 to C90.
            3 => [...range(intdiv(3 * $planes, 4), $planes - 1), ...range(0, intdiv($planes, 4))],
            4 => range(0, intdiv($planes, 4)),
            default => range(0, $planes - 1),
        };
    }

    /**
     * @param  non-empty-list<float>  $c
     * @param  non-empty-list<float>  $g
     * @param  array<int, non-empty-list<float>>  $candela  by plane
     * @param  array{float, float}  $sizeM
     */
    private function all(int $symmetry, array $c, array $g, array $candela, float $watts, array $sizeM, float $lumens): PhotometricWeb
    {
        if ($symmetry === 1) {
            return new PhotometricWeb($g, [0.0], [$candela[0]], $watts, $sizeM, $lumens);
        }
        if ($symmetry === 2 || $symmetry === 4) {
            [$around, $values] = [[$c[0]], [$candela[0]]];
            foreach (array_slice($candela, 1, preserve_keys: true) as $plane => $one) {
                $around[] = $c[$plane] ?? 0.0;
                $values[] = $one;
            }

            return new PhotometricWeb($g, $around, $values, $watts, $sizeM, $lumens);
        }
        // All around: what lies before the plane from 90° to 270° is its mirror; the last plane is the first again.
        $planes = count($c);
        [$around, $values] = [[], []];
        for ($plane = 0; $plane < $planes; $plane++) {
            $mirror = (intdiv($planes, 2) - $plane + $planes) % $planes;
            $around[] = $c[$plane];
            $values[] = $candela[$plane] ?? $candela[$mirror] ?? throw UnreadableFile::without(
                'plane at '.$c[$plane].'°, nor one that mirrors it',
            );
        }

        return new PhotometricWeb($g, [...$around, 360.0], [...$values, $values[0]], $watts, $sizeM, $lumens);
    }

    /** @return non-empty-list<float> */
    private function angles(int $count, string $which, float $most): array
    {
        $angles = [];
        for ($i = 0; $i < $count; $i++) {
            $angle = $this->number("$which-angle ".($i + 1));
            if (! ($angle > ($angles[$i - 1] ?? -INF) && $angle >= 0 && $angle <= $most)) {
                throw UnreadableFile::atLine($this->at, "the $which-angles must ascend from 0 to ".(int) $most.'.');
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
            : throw UnreadableFile::atLine($this->at, "$what must be a whole number from $least to $most.");
    }

    private function number(string $what): float
    {
        $line = $this->lines[$this->at] ?? throw UnreadableFile::atLine(
            max(1, count($this->lines)),
            "the file ends before $what: fewer lines than declared.",
        );
        $this->at++;
        $word = str_replace(',', '.', trim($line));

        return is_numeric($word) && is_finite((float) $word)
            ? (float) $word
            : throw UnreadableFile::atLine($this->at, "“{$word}” stands where a number belongs ($what).");
    }
}
