<?php

declare(strict_types=1);

namespace FineFrame\Photo;

/** Lengths read off a photograph along planes whose place is known, each with what the marking is off by (Criminisi et al. 2000). */
final class Readings
{
    private const STEP_PX = 0.5;

    /** A ray that falls less than this on its way comes from the horizon. */
    private const LEVEL = 1e-6;

    /**
     * @param  array{float, float}  $px
     * @return array{float, float} on the floor
     *
     * @throws Undetermined
     */
    public static function floor(PhotoCamera $camera, array $px): array
    {
        $ray = $camera->ray($px);
        $t = abs($ray[2]) < self::LEVEL ? -1.0 : -$camera->place[2] / $ray[2];
        if ($t <= 0.0) {
            throw Undetermined::horizon();
        }

        return [$camera->place[0] + $t * $ray[0], $camera->place[1] + $t * $ray[1]];
    }

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     *
     * @throws Undetermined
     */
    public static function length(PhotoCamera $camera, array $from, array $to): float
    {
        [$a, $b] = [self::floor($camera, $from), self::floor($camera, $to)];

        return hypot($b[0] - $a[0], $b[1] - $a[1]);
    }

    /**
     * Of an upright that stands on the floor: the height whose picture lies nearest to the upper point.
     *
     * @param  array{float, float}  $foot
     * @param  array{float, float}  $top
     *
     * @throws Undetermined
     */
    public static function height(PhotoCamera $camera, array $foot, array $top): float
    {
        [$x, $y] = self::floor($camera, $foot);

        return LeastSquares::from(static function (array $p) use ($camera, $x, $y, $top): array {
            $seen = $camera->seen([$x, $y, $p[0]]) ?? [1e6, 1e6];

            return [$seen[0] - $top[0], $seen[1] - $top[1]];
        }, [1.0], [1e-5])->at[0];
    }

    /**
     * @param  array{float, float}  $a  where an upright wall begins on the floor
     * @param  array{float, float}  $b
     * @param  array{float, float}  $px
     * @return array{float, float} along it from its beginning, and up
     *
     * @throws Undetermined
     */
    public static function onWall(PhotoCamera $camera, array $a, array $b, array $px): array
    {
        $ray = $camera->ray($px);
        $length = hypot($b[0] - $a[0], $b[1] - $a[1]);
        [$ux, $uy] = [($b[0] - $a[0]) / $length, ($b[1] - $a[1]) / $length];
        $across = $ray[0] * $uy - $ray[1] * $ux;
        $t = abs($across) < self::LEVEL ? -1.0 : (($a[0] - $camera->place[0]) * $uy - ($a[1] - $camera->place[1]) * $ux) / $across;
        if ($t <= 0.0) {
            throw Undetermined::beside();
        }
        [$x, $y] = [$camera->place[0] + $t * $ray[0], $camera->place[1] + $t * $ray[1]];

        return [($x - $a[0]) * $ux + ($y - $a[1]) * $uy, $camera->place[2] + $t * $ray[2]];
    }

    /**
     * What a reading is off by where each picture coordinate is off by so much.
     *
     * @param  \Closure(list<float>): float  $reading  of picture coordinates
     * @param  list<float>  $px
     */
    public static function deviation(\Closure $reading, array $px, float $sigmaPx): float
    {
        $sum = 0.0;
        foreach (array_keys($px) as $i) {
            [$ahead, $behind] = [$px, $px];
            $ahead[$i] += self::STEP_PX;
            $behind[$i] -= self::STEP_PX;
            $sum += (($reading(array_values($ahead)) - $reading(array_values($behind))) / (2 * self::STEP_PX) * $sigmaPx) ** 2;
        }

        return sqrt($sum);
    }

    /**
     * The same where the camera itself comes from marks.
     *
     * @param  \Closure(PhotoCamera, list<float>): float  $reading
     * @param  list<float>  $px
     */
    public static function deviationOf(Resection $resection, \Closure $reading, array $px, float $sigmaPx): float
    {
        $count = count($resection->covariance);
        $slopes = [];
        for ($i = 0; $i < $count; $i++) {
            $step = max(1e-9, 0.1 * $resection->deviation($i, $sigmaPx));
            $by = static fn (float $s): array => array_map(static fn (int $j): float => $j === $i ? $s : 0.0, range(0, $count - 1));
            $slopes[] = ($reading($resection->moved($by($step)), $px) - $reading($resection->moved($by(-$step)), $px)) / (2 * $step);
        }
        $sum = self::deviation(static fn (array $p): float => $reading($resection->camera, $p), $px, $sigmaPx) ** 2;
        foreach ($slopes as $i => $a) {
            foreach ($slopes as $j => $b) {
                $sum += $sigmaPx ** 2 * $a * $resection->covariance[$i][$j] * $b;
            }
        }

        return sqrt($sum);
    }
}
