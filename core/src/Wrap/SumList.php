<?php

declare(strict_types=1);

namespace FineFrame\Wrap;

/** A list of checksums as sha256sum, md5sum and xxhsum write it, plain or with tags, one file a line. */
final readonly class SumList
{
    private const DIGITS = ['sha256' => 64, 'md5' => 32, 'xxh64' => 16];

    private const TAGS = ['sha256' => 'SHA256', 'md5' => 'MD5', 'xxh64' => 'XXH64'];

    private const ESCAPES = ['\\\\' => '\\', '\\n' => "\n", '\\r' => "\r"];

    /** @param  array<string, string>  $sums  in small letters, by name in the order of the list */
    private function __construct(public array $sums)
    {
    }

    /**
     * @param  string  $algorithm  sha256, md5 or xxh64: sums of another length, and other tags, are refused
     *
     * @throws UnreadableSums
     */
    public static function read(string $text, string $algorithm): self
    {
        $digits = self::DIGITS[$algorithm] ?? throw UnreadableSums::algorithm($algorithm);
        $text = str_starts_with($text, "\xEF\xBB\xBF") ? substr($text, 3) : $text;
        $sums = [];
        foreach (preg_split('/\r\n|\r|\n/', $text) ?: [] as $i => $line) {
            if ($line === '' || $line[0] === '#') {
                continue;
            }
            [$name, $sum] = self::entry($line, self::TAGS[$algorithm], $digits) ?? throw UnreadableSums::atLine($i + 1);
            if (($sums[$name] ?? $sum) !== $sum) {
                throw UnreadableSums::twice($i + 1, $name);
            }
            $sums[$name] = $sum;
        }

        return $sums === [] ? throw UnreadableSums::none() : new self($sums);
    }

    /** The algorithm of a list, by its first entry; null where it is none of those known. */
    public static function algorithmOf(string $text): ?string
    {
        foreach (array_keys(self::DIGITS) as $algorithm) {
            try {
                self::read($text, $algorithm);

                return $algorithm;
            } catch (UnreadableSums) {
                continue;
            }
        }

        return null;
    }

    /** @return array{string, string}|null name and sum; null where a line is no entry */
    private static function entry(string $line, string $tag, int $digits): ?array
    {
        $isEscaped = $line[0] === '\\';
        $line = $isEscaped ? substr($line, 1) : $line;
        if (preg_match("/^$tag \\((.*)\\) = ([0-9a-f]{{$digits}})$/is", $line, $m) === 1 && str_starts_with($line, $tag)) {
            [, $name, $sum] = $m;
        } elseif (preg_match("/^([0-9a-f]{{$digits}}) [ *](.+)$/is", $line, $m) === 1) {
            [, $sum, $name] = $m;
        } else {
            return null;
        }
        if ($isEscaped) {
            if (preg_match('/^(?:[^\\\\]|\\\\[\\\\nr])*$/s', $name) !== 1) {
                return null;
            }
            $name = strtr($name, self::ESCAPES);
        }
        while (str_starts_with($name, './')) {
            $name = substr($name, 2);
        }

        return $name === '' ? null : [$name, strtolower($sum)];
    }
}
