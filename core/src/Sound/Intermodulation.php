<?php

declare(strict_types=1);

namespace FineFrame\Sound;

/**
 * What transmitters make of each other: third order `2a − b` and `a + b − c`, fifth order `3a − 2b` (ITU-R SM.1134). A set of
 * carriers is proved by going through all of them; this shares nothing with the search that finds one.
 */
final class Intermodulation
{
    /**
     * @param  list<int>  $carriers  kHz
     * @return array{im3_2tx: list<array{int, list<int>}>, im3_3tx: list<array{int, list<int>}>, im5_2tx: list<array{int, list<int>}>}
     *     product and what makes it, in order
     */
    public static function products(array $carriers): array
    {
        $all = ['im3_2tx' => [], 'im3_3tx' => [], 'im5_2tx' => []];
        foreach (self::each($carriers) as [$type, $product, $generators]) {
            $all[$type][] = [$product, $generators];
        }

        return array_map(static function (array $list): array {
            sort($list);

            return $list;
        }, $all);
    }

    /**
     * @param  list<int>  $carriers
     * @return \Generator<array{'im3_2tx'|'im3_3tx'|'im5_2tx', int, list<int>}>
     */
    private static function each(array $carriers): \Generator
    {
        foreach ($carriers as $i => $a) {
            foreach ($carriers as $j => $b) {
                if ($i === $j) {
                    continue;
                }
                yield ['im3_2tx', 2 * $a - $b, [$a, $b]];
                yield ['im5_2tx', 3 * $a - 2 * $b, [$a, $b]];
                foreach ($j > $i ? $carriers : [] as $k => $c) {
                    if ($k !== $i && $k !== $j) {
                        yield ['im3_3tx', $a + $b - $c, [min($a, $b), max($a, $b), $c]];
                    }
                }
            }
        }
    }

    /**
     * Where a set fails, by kind, then by whom it hits.
     *
     * @param  list<int>  $carriers
     * @return list<array{type: string, product: int, generators: list<int>, victim: int, distance: int}>
     */
    public static function conflicts(array $carriers, Guards $guards): array
    {
        $conflicts = iterator_to_array(self::all($carriers, $guards), false);
        usort(
            $conflicts,
            static fn (array $x, array $y): int => [
                $x['type'],
                $x['victim'],
                $x['product'],
                $x['generators'],
            ] <=> [$y['type'], $y['victim'], $y['product'], $y['generators']],
        );

        return $conflicts;
    }

    /**
     * What hits each carrier first, in the order of `conflicts`: enough to say that it is hit, without holding a crowded block's hundred
     * thousands.
     *
     * @param  list<int>  $carriers
     * @return array<int, array{type: string, product: int, generators: list<int>, victim: int, distance: int}> by victim
     */
    public static function hits(array $carriers, Guards $guards): array
    {
        $first = [];
        foreach (self::all($carriers, $guards) as $conflict) {
            $other = $first[$conflict['victim']] ?? null;
            if (
                $other === null
                || [
                    $conflict['type'],
                    $conflict['product'],
                    $conflict['generators'],
                ] < [$other['type'], $other['product'], $other['generators']]
            ) {
                $first[$conflict['victim']] = $conflict;
            }
        }
        ksort($first);

        return $first;
    }

    /**
     * @param  list<int>  $carriers
     * @return \Generator<array{type: string, product: int, generators: list<int>, victim: int, distance: int}>
     */
    private static function all(array $carriers, Guards $guards): \Generator
    {
        $limits = ['im3_2tx' => $guards->twoThird, 'im3_3tx' => $guards->threeThird, 'im5_2tx' => $guards->twoFifth];
        $grid = max(1, ...array_values($limits));
        $near = [];
        foreach ($carriers as $f) {
            // Each carrier lies in its own cell and is found from the two beside it.
            $cell = intdiv($f, $grid);
            foreach ([$cell - 1, $cell, $cell + 1] as $one) {
                $near[$one][] = $f;
            }
        }
        foreach (self::each($carriers) as [$type, $product, $generators]) {
            foreach ($limits[$type] > 0 ? $near[intdiv($product, $grid)] ?? [] : [] as $victim) {
                if (abs($product - $victim) < $limits[$type] && ! in_array($victim, $generators, true)) {
                    yield [
                        'type' => $type,
                        'product' => $product,
                        'generators' => $generators,
                        'victim' => $victim,
                        'distance' => abs($product - $victim),
                    ];
                }
            }
        }
        foreach ($carriers as $i => $a) {
            foreach (array_slice($carriers, $i + 1) as $b) {
                if (abs($a - $b) < $guards->spacing) {
                    yield ['type' => 'spacing', 'product' => $a, 'generators' => [$a], 'victim' => $b, 'distance' => abs($a - $b)];
                }
            }
        }
    }
}
