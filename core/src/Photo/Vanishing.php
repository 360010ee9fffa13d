<?php

declare(strict_types=1);

namespace FineFrame\Photo;

/** A camera’s focal length and direction from edges that are parallel to the room’s axes, without any length (Caprile and Torre 1990). */
final class Vanishing
{
    /** Cosine between an axis and the view: half a degree off a right angle. */
    private const ACROSS = 0.009;

    private const AXES = ['x' => [1.0, 0.0, 0.0], 'y' => [0.0, 1.0, 0.0], 'z' => [0.0, 0.0, 1.0]];

    /**
     * @param  array<string, list<array{array{float, float}, array{float, float}}>>  $segments  by axis
     * @return PhotoCamera at the origin; it looks towards +y, upright
     *
     * @throws Undetermined
     */
    public static function camera(int $widthPx, int $heightPx, array $segments): PhotoCamera
    {
        $all = [];
        foreach ([0.5, 0.75, 1.1, 1.8] as $focal) {
            foreach (range(-75, 75, 15) as $yaw) {
                foreach ([-30, -12, 0, 12, 30] as $pitch) {
                    $from = [log($focal), deg2rad($yaw), deg2rad($pitch), 0.0];
                    $all[] = [LeastSquares::squared(self::residuals($from, $widthPx, $heightPx, $segments)), $from];
                }
            }
        }
        sort($all);
        $fits = [];
        foreach (array_slice($all, 0, 10) as [, $from]) {
            $fits[] = LeastSquares::from(
                static fn (array $p): array => self::residuals($p, $widthPx, $heightPx, $segments), $from, [1e-6, 1e-6, 1e-6, 1e-6],
            );
        }
        usort($fits, static fn (LeastSquares $a, LeastSquares $b): int => $a->cost <=> $b->cost);
        $best = $fits[0];
        if ($best->covariance() === null || ! self::isFinite($best->at[0])) {
            throw Undetermined::parallel();
        }

        $found = self::at($best->at, $widthPx, $heightPx);
        // An axis that runs across the view has its vanishing point too far out to say anything of the lens.
        $near = array_filter(array_keys($segments), static fn (string $axis): bool => abs($found->along(self::AXES[$axis])) > self::ACROSS);
        if (count($near) < 2) {
            throw Undetermined::parallel();
        }

        return $found;
    }

    /** @param  list<float>  $p  logarithm of the focal length in widths, yaw, pitch, roll */
    private static function at(array $p, int $widthPx, int $heightPx): PhotoCamera
    {
        return new PhotoCamera($widthPx, $heightPx, exp($p[0]) * $widthPx, [0.0, 0.0, 0.0], $p[1], $p[2], $p[3]);
    }

    /**
     * @param  list<float>  $p
     * @param  array<string, list<array{array{float, float}, array{float, float}}>>  $segments
     * @return list<float> pixels
     */
    private static function residuals(array $p, int $widthPx, int $heightPx, array $segments): array
    {
        $camera = self::at($p, $widthPx, $heightPx);
        $off = [];
        foreach ($segments as $axis => $family) {
            foreach ($family as $segment) {
                $off[] = self::off($camera, self::AXES[$axis], $segment);
            }
        }

        return $off;
    }

    /** A focal length of a tenth to twenty widths. */
    private static function isFinite(float $log): bool
    {
        return $log > log(0.1) && $log < log(20.0);
    }

    /**
     * How far the end of a segment lies off the line from its middle towards the vanishing point.
     *
     * @param  array{float, float, float}  $axis
     * @param  array{array{float, float}, array{float, float}}  $segment
     */
    private static function off(PhotoCamera $camera, array $axis, array $segment): float
    {
        [$a, $b] = $segment;
        $middle = [($a[0] + $b[0]) / 2, ($a[1] + $b[1]) / 2];
        // A little way along the axis from where the middle was seen, as it would be seen.
        $ray = $camera->ray($middle);
        $step = 1e-4;
        $seen = $camera->seen([$ray[0] + $step * $axis[0], $ray[1] + $step * $axis[1], $ray[2] + $step * $axis[2]]) ?? $middle;
        [$dx, $dy] = [$seen[0] - $middle[0], $seen[1] - $middle[1]];
        $length = hypot($dx, $dy);

        return $length < 1e-12 ? 1e3 : (($b[0] - $middle[0]) * $dy - ($b[1] - $middle[1]) * $dx) / $length;
    }
}
