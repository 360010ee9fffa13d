<?php

declare(strict_types=1);

namespace FineFrame\Photo;

/**
 * Points from two photographs whose focal lengths are known and whose standpoints are not, up to their size: by the essential matrix
 * (Hartley and Zisserman, chapter 9), then by least squares in both pictures. The standpoints are 1 apart.
 */
final readonly class TwoViews
{
    private const LEAST = 8;

    /** Pictures that a turn alone explains as well as this, in pixels, are from one standpoint. */
    private const SAME_PX = 0.5;

    /** @param  array<string, array{float, float, float}>  $points */
    private function __construct(private array $points)
    {
    }

    /**
     * @param  array{float, float, float}  $a  middle across, middle down, focal length, pixels
     * @param  array{float, float, float}  $b
     * @param  array<string, list<float>>  $points  across and down in the first picture, and in the second
     *
     * @throws Undetermined
     */
    public static function of(array $a, array $b, array $points, float $sigmaPx): self
    {
        if (count($points) < self::LEAST) {
            throw Undetermined::tooFew(count($points), self::LEAST);
        }
        $rays = [];
        foreach ($points as [$ua, $va, $ub, $vb]) {
            $rays[] = [($ua - $a[0]) / $a[2], ($va - $a[1]) / $a[2], ($ub - $b[0]) / $b[2], ($vb - $b[1]) / $b[2]];
        }
        self::mustMove($rays, $b[2], $sigmaPx);
        [$turn, $way] = self::pose($rays);
        $found = self::adjusted($rays, $turn, $way, $a[2], $b[2]);

        return new self(array_combine(array_map(strval(...), array_keys($points)), $found));
    }

    public function between(string $from, string $to): float
    {
        [$p, $q] = [$this->points[$from], $this->points[$to]];

        return sqrt(($p[0] - $q[0]) ** 2 + ($p[1] - $q[1]) ** 2 + ($p[2] - $q[2]) ** 2);
    }

    /**
     * @param  list<array{float, float, float, float}>  $rays
     *
     * @throws Undetermined where turning the camera on the spot gives the second picture
     */
    private static function mustMove(array $rays, float $focal, float $sigmaPx): void
    {
        $best = INF;
        foreach ([-0.6, -0.25, 0.0, 0.25, 0.6] as $about) {
            $best = min($best, LeastSquares::from(
                static fn (array $p): array => self::apart($p, $rays, $focal), [0.0, $about, 0.0], [1e-6, 1e-6, 1e-6],
            )->cost);
        }
        if (sqrt($best / (2 * count($rays))) < max(self::SAME_PX, 3 * $sigmaPx)) {
            throw Undetermined::oneStandpoint();
        }
    }

    /**
     * @param  list<array{float, float, float, float}>  $rays
     * @return array{list<list<float>>, array{float, float, float}} how the second camera is turned, and which way it lies
     */
    private static function pose(array $rays): array
    {
        $normal = array_fill(0, 9, array_fill(0, 9, 0.0));
        foreach ($rays as [$x, $y, $u, $v]) {
            $row = [$u * $x, $u * $y, $u, $v * $x, $v * $y, $v, $x, $y, 1.0];
            foreach ($row as $i => $p) {
                foreach ($row as $j => $q) {
                    $normal[$i][$j] += $p * $q;
                }
            }
        }
        $e = array_chunk(Eigen::smallest($normal), 3);
        $square = [];
        for ($i = 0; $i < 3; $i++) {
            for ($j = 0; $j < 3; $j++) {
                $square[$i][$j] = $e[0][$i] * $e[0][$j] + $e[1][$i] * $e[1][$j] + $e[2][$i] * $e[2][$j];
            }
        }
        [$values, $vectors] = Eigen::of($square);
        arsort($values);
        [$one, $two] = array_map(static fn (int $k): array => $vectors[$k], array_slice(array_keys($values), 0, 2));
        $three = self::cross($one, $two);
        [$u1, $u2] = [self::unit(self::turned($e, $one)), self::unit(self::turned($e, $two))];
        $u2 = self::unit([
            $u2[0] - self::dot($u1, $u2) * $u1[0], $u2[1] - self::dot($u1, $u2) * $u1[1], $u2[2] - self::dot($u1, $u2) * $u1[2],
        ]);
        $u3 = self::cross($u1, $u2);
        $best = null;
        foreach ([1.0, -1.0] as $side) {
            // U W Vᵀ, W a quarter turn to either side.
            $turn = array_map(static fn (int $i): array => array_map(
                static fn (int $j): float => $side * ($u2[$i] * $one[$j] - $u1[$i] * $two[$j]) + $u3[$i] * $three[$j], [0, 1, 2],
            ), [0, 1, 2]);
            foreach ([1.0, -1.0] as $sign) {
                $way = [$sign * $u3[0], $sign * $u3[1], $sign * $u3[2]];
                $front = count(array_filter($rays, static fn (array $r): bool => self::depth($turn, $way, $r) !== null));
                $best = $best === null || $front > $best[2] ? [$turn, $way, $front] : $best;
            }
        }

        return [$best[0], $best[1]];
    }

    /**
     * @param  list<list<float>>  $turn
     * @param  array{float, float, float}  $way
     * @param  array{float, float, float, float}  $ray
     * @return float|null how far from the first camera along its axis; null where it lies behind either
     */
    private static function depth(array $turn, array $way, array $ray): ?float
    {
        $d = self::turned($turn, [$ray[0], $ray[1], 1.0]);
        // z d + way is along (u, v, 1): by least squares over both.
        [$p1, $q1] = [$d[0] - $ray[2] * $d[2], $ray[2] * $way[2] - $way[0]];
        [$p2, $q2] = [$d[1] - $ray[3] * $d[2], $ray[3] * $way[2] - $way[1]];
        $z = ($p1 * $q1 + $p2 * $q2) / max(1e-18, $p1 * $p1 + $p2 * $p2);

        return $z > 0.0 && $z * $d[2] + $way[2] > 0.0 ? $z : null;
    }

    /**
     * @param  list<array{float, float, float, float}>  $rays
     * @param  list<list<float>>  $turn
     * @param  array{float, float, float}  $way
     * @return list<array{float, float, float}> points before the first camera
     */
    private static function adjusted(array $rays, array $turn, array $way, float $focalA, float $focalB): array
    {
        $aside = self::unit(self::cross($way, abs($way[0]) < 0.9 ? [1.0, 0.0, 0.0] : [0.0, 1.0, 0.0]));
        $other = self::cross($way, $aside);
        $from = [0.0, 0.0, 0.0, 0.0, 0.0];
        foreach ($rays as $ray) {
            $z = self::depth($turn, $way, $ray) ?? 5.0;
            array_push($from, $ray[0] * $z, $ray[1] * $z, $z);
        }
        $fit = LeastSquares::from(
            static fn (array $p): array => self::off($p, $rays, $turn, [$way, $aside, $other], [$focalA, $focalB]),
            $from,
            array_fill(0, count($from), 1e-6),
        );

        return array_map(static fn (array $p): array => [$p[0], $p[1], $p[2]], array_chunk(array_slice($fit->at, 5), 3));
    }

    /**
     * What is left where the camera was only turned.
     *
     * @param  list<float>  $p  axis times angle
     * @param  list<array{float, float, float, float}>  $rays
     * @return list<float> pixels
     */
    private static function apart(array $p, array $rays, float $focal): array
    {
        $turn = self::rotation([$p[0], $p[1], $p[2]]);
        $off = [];
        foreach ($rays as [$x, $y, $u, $v]) {
            $d = self::turned($turn, [$x, $y, 1.0]);
            array_push($off, ...($d[2] > 1e-3 ? [$focal * ($d[0] / $d[2] - $u), $focal * ($d[1] / $d[2] - $v)] : [1e5, 1e5]));
        }

        return $off;

    }

    /**
     * @param  list<float>  $p  a further turn, a little aside, and each point
     * @param  list<array{float, float, float, float}>  $rays
     * @param  list<list<float>>  $turn
     * @param  array{array{float, float, float}, array{float, float, float}, array{float, float, float}}  $ways  there, and aside of it
     * @param  array{float, float}  $focals
     * @return list<float> pixels
     */
    private static function off(array $p, array $rays, array $turn, array $ways, array $focals): array
    {
        $by = self::rotation([$p[0], $p[1], $p[2]]);
        $to = self::unit([
            $ways[0][0] + $p[3] * $ways[1][0] + $p[4] * $ways[2][0], $ways[0][1] + $p[3] * $ways[1][1] + $p[4] * $ways[2][1],
            $ways[0][2] + $p[3] * $ways[1][2] + $p[4] * $ways[2][2],
        ]);
        $off = [];
        foreach ($rays as $i => [$x, $y, $u, $v]) {
            $point = [$p[5 + 3 * $i], $p[6 + 3 * $i], max(1e-3, $p[7 + 3 * $i])];
            $d = self::turned($by, self::turned($turn, $point));
            $z = max(1e-3, $d[2] + $to[2]);
            array_push(
                $off, $focals[0] * ($point[0] / $point[2] - $x), $focals[0] * ($point[1] / $point[2] - $y),
                $focals[1] * (($d[0] + $to[0]) / $z - $u), $focals[1] * (($d[1] + $to[1]) / $z - $v),
            );
        }

        return $off;

    }

    /**
     * @param  array{float, float, float}  $about  axis times angle (Rodrigues)
     * @return list<list<float>>
     */
    private static function rotation(array $about): array
    {
        $angle = sqrt(self::dot($about, $about));
        if ($angle < 1e-12) {
            return [[1.0, -$about[2], $about[1]], [$about[2], 1.0, -$about[0]], [-$about[1], $about[0], 1.0]];
        }
        [$x, $y, $z] = [$about[0] / $angle, $about[1] / $angle, $about[2] / $angle];
        [$s, $c] = [sin($angle), cos($angle)];
        $t = 1 - $c;

        return [
            [$c + $t * $x * $x, $t * $x * $y - $s * $z, $t * $x * $z + $s * $y],
            [$t * $x * $y + $s * $z, $c + $t * $y * $y, $t * $y * $z - $s * $x],
            [$t * $x * $z - $s * $y, $t * $y * $z + $s * $x, $c + $t * $z * $z],
        ];
    }

    /**
     * @param  array<int, array<int, float>>  $m
     * @param  array<int, float>  $v
     * @return array{float, float, float}
     */
    private static function turned(array $m, array $v): array
    {
        return [
            $m[0][0] * $v[0] + $m[0][1] * $v[1] + $m[0][2] * $v[2],
            $m[1][0] * $v[0] + $m[1][1] * $v[1] + $m[1][2] * $v[2],
            $m[2][0] * $v[0] + $m[2][1] * $v[1] + $m[2][2] * $v[2],
        ];
    }

    /**
     * @param  array<int, float>  $a
     * @param  array<int, float>  $b
     */
    private static function dot(array $a, array $b): float
    {
        return $a[0] * $b[0] + $a[1] * $b[1] + $a[2] * $b[2];
    }

    /**
     * @param  array<int, float>  $a
     * @param  array<int, float>  $b
     * @return array{float, float, float}
     */
    private static function cross(array $a, array $b): array
    {
        return [$a[1] * $b[2] - $a[2] * $b[1], $a[2] * $b[0] - $a[0] * $b[2], $a[0] * $b[1] - $a[1] * $b[0]];
    }

    /**
     * @param  array<int, float>  $v
     * @return array{float, float, float}
     */
    private static function unit(array $v): array
    {
        $length = max(1e-300, sqrt(self::dot($v, $v)));

        return [$v[0] / $length, $v[1] / $length, $v[2] / $length];
    }
}
