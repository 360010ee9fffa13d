<?php

declare(strict_types=1);

namespace FineFrame\Scene;

/**
 * A solid with the faces that one lens sees of it, and the box they fill in its frame.
 *
 * @internal
 */
final readonly class SeenSolid
{
    /** Nearer than this, two solids touch, metres. */
    private const TOUCH_M = 1e-3;

    /** @param  list<FramePolygon>  $faces */
    public function __construct(
        public Solid $solid,
        public array $faces,
        public float $left,
        public float $right,
        public float $bottom,
        public float $top,
        public float $near,
        public float $far,
    ) {
    }

    public function overlaps(self $other): bool
    {
        return $this->left < $other->right && $other->left < $this->right && $this->bottom < $other->top && $other->bottom < $this->top;
    }

    /**
     * Whether this solid must be painted after (1), before (−1) or in no order (0) to another that it overlaps in the frame.
     *
     * @param  array{float, float, float}  $eye
     */
    public function against(self $other, array $eye): int
    {
        return match (true) {
            $this->far <= $other->near => 1,
            $other->far <= $this->near => -1,
            default => self::order($this->solid, $other->solid, $eye) ?: self::away($other->solid, $eye) <=> self::away($this->solid, $eye),
        };
    }

    /**
     * Whether one solid is before another (1) or behind it (−1), by a plane between them; 0 where no face of either parts them.
     *
     * @param  array{float, float, float}  $eye
     */
    public static function order(Solid $one, Solid $other, array $eye): int
    {
        return -self::parted($one, $other, $eye) ?: self::parted($other, $one, $eye);
    }

    /**
     * If a face's plane of $one has all of $two on its far side: 1 when the eye is there too (two is in front), −1 when not.
     *
     * @param  array{float, float, float}  $eye
     */
    private static function parted(Solid $one, Solid $two, array $eye): int
    {
        foreach ($one->planes() as [$nx, $ny, $nz, $d]) {
            $least = $nx * $two->centre[0] + $ny * $two->centre[1] + $nz * $two->centre[2] - $d;
            $flat = $one->isFlat();
            if ($least < 0 && ! $flat) {
                continue;
            }
            $side = $least < 0 ? -1 : 1;
            $farthest = 0.0;
            foreach ($two->points as [$x, $y, $z]) {
                $off = $side * ($nx * $x + $ny * $y + $nz * $z - $d);
                if ($off < -self::TOUCH_M) {
                    continue 2;
                }
                $farthest = max($farthest, $off);
            }
            // What lies in the plane, as a window in its wall, is neither before it nor behind.
            if ($farthest <= self::TOUCH_M) {
                continue;
            }

            return $side * ($nx * $eye[0] + $ny * $eye[1] + $nz * $eye[2] - $d) > 0 ? 1 : -1;
        }

        return 0;
    }

    /** @param  array{float, float, float}  $eye */
    private static function away(Solid $solid, array $eye): float
    {
        return ($solid->centre[0] - $eye[0]) ** 2 + ($solid->centre[1] - $eye[1]) ** 2 + ($solid->centre[2] - $eye[2]) ** 2;
    }
}
