<?php

declare(strict_types=1);

namespace FineFrame\Plan;

/** A plan kept by an older version, whose lists may name what had been taken out: rows let go of it, as taking it out does today. */
final class Dangling
{
    /**
     * @param  array<array-key, mixed>  $document  as read from JSON
     * @return array<array-key, mixed>
     */
    public static function letGo(array $document): array
    {
        $walls = [];
        foreach (self::items($document['locations'] ?? null) as $location) {
            $walls = [...$walls, ...self::ids(self::items($location['space'] ?? null)['walls'] ?? null)];
        }
        $setups = self::items($document['setups'] ?? null);
        foreach ($setups as $i => $setup) {
            foreach (SetupList::cases() as $list) {
                if ($list->refers() !== [] && isset($setup[$list->value])) {
                    $setup[$list->value] = self::rows($list, $setup, $walls);
                }
            }
            $setups[$i] = $setup;
        }

        return isset($document['setups']) ? ['setups' => $setups] + $document : $document;
    }

    /**
     * @param  array<array-key, mixed>  $setup
     * @param  list<string>  $walls
     * @return list<array<array-key, mixed>>
     */
    private static function rows(SetupList $list, array $setup, array $walls): array
    {
        $kept = [];
        foreach (self::items($setup[$list->value]) as $row) {
            $isLost = false;
            foreach ($list->refers() as $column => $lists) {
                $known = array_merge(
                    $list === SetupList::Colours ? $walls : [],
                    ...array_map(static fn (SetupList $l): array => self::ids($setup[$l->value] ?? null), $lists),
                );
                if (($row[$column] ?? '') !== '' && ! in_array($row[$column], $known, true)) {
                    unset($row[$column]);
                    $isLost = $list->goesAlong();
                }
            }
            if (! $isLost) {
                $kept[] = $row;
            }
        }

        return $kept;
    }

    /** @return list<string> */
    private static function ids(mixed $rows): array
    {
        return array_values(array_filter(array_column(self::items($rows), 'id'), is_string(...)));
    }

    /** @return array<array-key, array<array-key, mixed>> what of it is a list of rows */
    private static function items(mixed $rows): array
    {
        return is_array($rows) ? array_filter($rows, is_array(...)) : [];
    }
}
