<?php

declare(strict_types=1);

namespace FineFrame\Sound;

/** Bands that wireless links are usually found in, by region: to plan by, and no leave to send. */
final class Bands
{
    /** @return list<string> */
    public static function regions(): array
    {
        return array_map(strval(...), array_keys(self::all()));
    }

    /** @return string|null what a band is, where a frequency lies in one */
    public static function at(string $region, float $megahertz): ?string
    {
        foreach (self::all()[$region] ?? [] as [$from, $to, $what]) {
            if ($megahertz >= $from && $megahertz <= $to) {
                return $what;
            }
        }

        return null;
    }

    /** @return array<string, list<array{float|int, float|int, string}>> MHz */
    public static function all(): array
    {
        /** @var array<string, list<array{float|int, float|int, string}>>|null $all */
        static $all = null;
        if ($all === null) {
            /** @var array<string, list<array{float|int, float|int, string}>> $all */
            $all = require __DIR__.'/../../data/bands.php';
        }

        return $all;
    }
}
