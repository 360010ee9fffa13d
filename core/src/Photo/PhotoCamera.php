<?php

declare(strict_types=1);

namespace FineFrame\Photo;

/** The camera that took a photograph: where, which way, how long a lens in pixels, how bent its picture (one radial term). Radians. */
final readonly class PhotoCamera
{
    /** @var array{float, float, float} */
    private array $forward;

    /** @var array{float, float, float} */
    private array $right;

    /** @var array{float, float, float} */
    private array $up;

    /** @param  array{float, float, float}  $place */
    public function __construct(
        public int $widthPx,
        public int $heightPx,
        public float $focalPx,
        public array $place,
        public float $yaw,
        public float $pitch,
        public float $roll,
        public float $k1 = 0.0,
    ) {
        [$sy, $cy, $sp, $cp, $sr, $cr] = [sin($yaw), cos($yaw), sin($pitch), cos($pitch), sin($roll), cos($roll)];
        $this->forward = [$sy * $cp, $cy * $cp, $sp];
        [$r, $u] = [[$cy, -$sy, 0.0], [-$sy * $sp, -$cy * $sp, $cp]];
        $this->right = [$cr * $r[0] - $sr * $u[0], $cr * $r[1] - $sr * $u[1], -$sr * $u[2]];
        $this->up = [$cr * $u[0] + $sr * $r[0], $cr * $u[1] + $sr * $r[1], $cr * $u[2]];
    }

    /**
     * @param  array{float, float, float}  $point  metres
     * @return array{float, float}|null pixels; null behind the camera
     */
    public function seen(array $point): ?array
    {
        $d = [$point[0] - $this->place[0], $point[1] - $this->place[1], $point[2] - $this->place[2]];
        $ahead = self::dot($d, $this->forward);
        if ($ahead <= 1e-6) {
            return null;
        }
        [$a, $b] = [self::dot($d, $this->right) / $ahead, -self::dot($d, $this->up) / $ahead];
        $g = 1 + $this->k1 * ($a * $a + $b * $b);

        return [$this->widthPx / 2 + $this->focalPx * $a * $g, $this->heightPx / 2 + $this->focalPx * $b * $g];
    }

    /**
     * @param  array{float, float}  $px
     * @return array{float, float, float} the direction in which it was seen
     */
    public function ray(array $px): array
    {
        [$x, $y] = [($px[0] - $this->widthPx / 2) / $this->focalPx, ($px[1] - $this->heightPx / 2) / $this->focalPx];
        [$a, $b] = [$x, $y];
        // Bent pictures are straightened by going round: each turn is nearer.
        for ($turn = 0; $this->k1 !== 0.0 && $turn < 50; $turn++) {
            $g = 1 + $this->k1 * ($a * $a + $b * $b);
            [$a, $b] = [$x / $g, $y / $g];
        }

        return [
            $this->forward[0] + $a * $this->right[0] - $b * $this->up[0],
            $this->forward[1] + $a * $this->right[1] - $b * $this->up[1],
            $this->forward[2] + $a * $this->right[2] - $b * $this->up[2],
        ];
    }

    /** @param  array{float, float, float}  $direction  of length 1 */
    public function along(array $direction): float
    {
        return self::dot($direction, $this->forward);
    }

    public function acrossRad(): float
    {
        return 2 * atan($this->widthPx / 2 / $this->focalPx);
    }

    /**
     * @param  array{float, float, float}  $a
     * @param  array{float, float, float}  $b
     */
    private static function dot(array $a, array $b): float
    {
        return $a[0] * $b[0] + $a[1] * $b[1] + $a[2] * $b[2];
    }
}
