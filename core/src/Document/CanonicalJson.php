<?php

declare(strict_types=1);

namespace FineFrame\Document;

/** JSON that is the same bytes for the same content: UTF-8, sorted keys, two-space indent, shortest numbers, final newline. */
final class CanonicalJson
{
    public const MAX_BYTES = 10_000_000;

    private const MAX_DEPTH = 64;

    /** @param  array<string, mixed>  $document */
    public static function write(array $document): string
    {
        $json = json_encode(
            self::sorted($document),
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
        );

        return preg_replace_callback('/^ +/m', static fn (array $m): string => str_repeat(' ', intdiv(strlen($m[0]), 2)), $json)."\n";
    }

    /** @throws InvalidDocument if the text is too large or not JSON */
    public static function read(string $json): mixed
    {
        if (strlen($json) > self::MAX_BYTES) {
            throw InvalidDocument::at('', 'The file is larger than 10 MB; a plan is far smaller.');
        }
        try {
            $value = json_decode($json, false, self::MAX_DEPTH, JSON_THROW_ON_ERROR);
        } catch (\JsonException $e) {
            throw InvalidDocument::at('', 'The file is not JSON: '.lcfirst($e->getMessage()).'.');
        }
        // Only what has a long exponent or hundreds of digits can be past what a number holds.
        if (preg_match('/\d[eE]\+?\d{3}|\d{300}/', $json) === 1) {
            self::refuseInfinite($value, '');
        }

        return $value;
    }

    /** @throws InvalidDocument at the first number that is larger than a number can be, as 1e999: JSON could not write it again */
    private static function refuseInfinite(mixed $value, string $pointer): void
    {
        if (is_float($value) && ! is_finite($value)) {
            throw InvalidDocument::at($pointer, 'is larger than a number can be');
        }
        foreach ($value instanceof \stdClass || is_array($value) ? (array) $value : [] as $key => $inner) {
            self::refuseInfinite($inner, $pointer.'/'.Node::escaped((string) $key));
        }
    }

    private static function sorted(mixed $value): mixed
    {
        if (is_float($value) && floor($value) === $value && abs($value) < 1e15) {
            return (int) $value;
        }
        if ($value instanceof \stdClass) {
            return (object) self::sorted((array) $value);
        }
        if (! is_array($value)) {
            return $value;
        }
        if (! array_is_list($value)) {
            ksort($value, SORT_STRING);
        }

        return array_map(self::sorted(...), $value);
    }
}
