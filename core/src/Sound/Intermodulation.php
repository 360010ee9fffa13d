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
     * @return array{im3_2tx: list<array{int, list<int>}>, im3_3tx: list<array{int, list<int>}>, im5_2tx: list<array{int, list<int>}>} product and what makes it, in order
     */
    public static function products(array $carriers): array
    {
        $all = ['im3_2tx' => [], 'im3_3tx' => [], 'im5_2tx' => []];
        foreach ($carriers as $i => $a) {
            foreach ($carriers as $j => $b) {
                if ($i === $j) {
                    continue;
                }
                $all['im3_2tx'][] = [2 * $a - $b, [$a, $b]];
                $all['im5_2tx'][] = [3 * $a - 2 * $b, [$a, $b]];
                foreach ($j > $i ? $carriers : [] as $k => $c) {
                    $k === $i || $k === $j ?: $all['im3_3tx'][] = [$a + $b - $c, [min($a, $b), max($a, $b), $c]];
                }
            }
        }

        return array_map(static function (array $list): array {
            sort($list);

            return $list;
        }, $all);
    }

    /**
     * Where a set fails, by kind, then by whom it hits.
     *
     * @param  list<int>  $carriers
     * @return list<array{type: string, product: int, generators: list<int>, victim: int, distance: int}>
     */
    public static function conflicts(array $carriers, Guards $guards): array
    {
        $conflicts = [];
        $limits = ['im3_2tx' => $guards->twoThird, 'im3_3tx' => $guards->threeThird, 'im5_2tx' => $guards->twoFifth];
        foreach (self::products($carriers) as $type => $products) {
            foreach ($limits[$type] > 0 ? $products : [] as [$product, $generators]) {
                foreach ($carriers as $victim) {
                    if (abs($product - $victim) < $limits[$type] && ! in_array($victim, $generators, true)) {
                        $conflicts[] = ['type' => $type, 'product' => $product, 'generators' => $generators, 'victim' => $victim, 'distance' => abs($product - $victim)];
                    }
                }
            }
        }
        foreach ($carriers as $i => $a) {
            foreach (array_slice($carriers, $i + 1) as $b) {
                abs($a - $b) >= $guards->spacing ?: $conflicts[] = ['type' => 'spacing', 'product' => $a, 'generators' => [$a], 'victim' => $b, 'distance' => abs($a - $b)];
            }
        }
        usort($conflicts, static fn (array $x, array $y): int => [$x['type'], $x['victim'], $x['product'], $x['generators']] <=> [$y['type'], $y['victim'], $y['product'], $y['generators']]);

        return $conflicts;
    }
}
