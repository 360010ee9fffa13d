<?php

declare(strict_types=1);

namespace App\View;

/** Terms of the trade: what each means, and which of them a sentence uses. */
final class Glossary
{
    /** Terms that are named with a sentence at most. */
    private const MOST = 4;

    /** @var array<string, array{term: string, says: string}>|null by each name in small letters, longest first */
    private static ?array $byName = null;

    /** @return list<array{term: string, also: string, says: string}> */
    public static function all(): array
    {
        $all = [];
        foreach ((array) __('glossary') as $names => $says) {
            [$term, $also] = explode('|', (string) $names, 2) + ['', ''];
            $all[] = ['term' => $term, 'also' => strtr($also, '|', ', '), 'says' => is_string($says) ? $says : ''];
        }

        return $all;
    }

    /** @return list<string> the terms in a sentence, in the order in which they come */
    public static function in(string $sentence): array
    {
        $names = implode('|', array_map(static fn (string $n): string => preg_quote($n, '/'), array_keys(self::byName())));
        preg_match_all("/(?<![\w-])(?:$names)s?(?![\w-])/iu", $sentence, $found);
        $terms = array_map(static fn (string $n): string => self::named($n)['term'], $found[0]);

        return array_slice(array_values(array_unique($terms)), 0, self::MOST);
    }

    /** @return array{term: string, says: string} */
    private static function named(string $name): array
    {
        $name = mb_strtolower($name);

        return self::byName()[$name] ?? self::byName()[substr($name, 0, -1)];
    }

    /** @return array<string, array{term: string, says: string}> */
    private static function byName(): array
    {
        if (self::$byName === null) {
            self::$byName = [];
            foreach (self::all() as $one) {
                foreach (array_filter([$one['term'], ...explode(', ', $one['also'])]) as $name) {
                    self::$byName[mb_strtolower($name)] = ['term' => $one['term'], 'says' => $one['says']];
                }
            }
            uksort(self::$byName, static fn (string $a, string $b): int => mb_strlen($b) <=> mb_strlen($a));
        }

        return self::$byName;
    }
}
