<?php

declare(strict_types=1);

namespace App\Plans;

/** What is otherwise in one plan's document than in another's, field by field; lists by their items' ids. */
final class Differences
{
    /**
     * @param  array<array-key, mixed>  $before
     * @param  array<array-key, mixed>  $after
     * @return array<string, array{mixed, mixed}> before and after, by pointer; an item that is new or gone is told as a whole
     */
    public static function between(array $before, array $after, string $at = ''): array
    {
        $all = [];
        foreach (self::byId($before) + self::byId($after) as $key => $_) {
            [$old, $new] = [self::byId($before)[$key] ?? null, self::byId($after)[$key] ?? null];
            if ($old === $new) {
                continue;
            }
            $all += is_array($old) && is_array($new)
                ? self::between($old, $new, "$at/$key")
                : ["$at/$key" => [$old, $new]];
        }

        return $all;
    }

    /**
     * @param  array<array-key, mixed>  $in
     * @return array<array-key, mixed>
     */
    private static function byId(array $in): array
    {
        $all = [];
        foreach ($in as $key => $item) {
            $item = $item instanceof \stdClass ? (array) $item : $item;
            $id = is_array($item) && is_int($key) ? ($item['id'] ?? $key) : $key;
            // A whole number reads the same with a point and without.
            $all[is_int($id) || is_string($id) ? $id : $key] = is_int($item) ? (float) $item : $item;
        }

        return $all;
    }
}
