<?php

declare(strict_types=1);

namespace FineFrame\Geometry;

/** Lines of equal value over a grid of heights (marching squares, straight between neighbours; a saddle is split by its mean). */
final class Isolines
{
    /**
     * @param  array<int, array<int, float>>  $values  by column, then row; where one is missing nothing is drawn
     * @return list<array{array{float, float}, array{float, float}}> pieces, in columns and rows
     */
    public static function at(array $values, float $level): array
    {
        $pieces = [];
        foreach ($values as $i => $column) {
            foreach ($column as $j => $a) {
                $b = $values[$i + 1][$j] ?? null;
                $c = $values[$i + 1][$j + 1] ?? null;
                $d = $column[$j + 1] ?? null;
                if ($b === null || $c === null || $d === null) {
                    continue;
                }
                $cuts = [];
                foreach ([
                    [$i, $j, $a, $i + 1, $j, $b],
                    [$i + 1, $j, $b, $i + 1, $j + 1, $c],
                    [$i + 1, $j + 1, $c, $i, $j + 1, $d],
                    [$i, $j + 1, $d, $i, $j, $a],
                ] as [$x, $y, $from, $u, $v, $to]) {
                    if (($from < $level) !== ($to < $level)) {
                        $share = ($level - $from) / ($to - $from);
                        $cuts[] = [$x + $share * ($u - $x), $y + $share * ($v - $y)];
                    }
                }
                if (count($cuts) === 2) {
                    $pieces[] = [$cuts[0], $cuts[1]];
                } elseif (count($cuts) === 4) {
                    $isHigh = ($a + $b + $c + $d) / 4 >= $level;
                    array_push(
                        $pieces,
                        ...(
                            $isHigh === ($a >= $level)
                            ? [[$cuts[0], $cuts[1]], [$cuts[2], $cuts[3]]]
                            : [[$cuts[3], $cuts[0]], [$cuts[1], $cuts[2]]]
                        ),
                    );
                }
            }
        }

        return $pieces;
    }
}
