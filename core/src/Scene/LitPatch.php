<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Vec3;
use FineFrame\Light\SoftBox;

/**
 * What a lamp lights where it is turned to: how far off, how bright in the middle, and how large the patch is to where half of that is
 * left. A projector's picture ends at its edge.
 */
final readonly class LitPatch
{
    /** Beyond so far from the middle it is no patch, metres. */
    private const WIDEST_M = 4.0;

    private const HALF = 0.5;

    /**
     * @param  float|null  $widthM  null where it has no end
     * @param  float  $lux  in its middle, by the lamp alone, past what stands before it; `$besides` what else is there
     */
    private function __construct(
        public Backdrop $on,
        public ?float $widthM,
        public ?float $heightM,
        public float $lux,
        public float $besides,
    ) {
    }

    /** @return self|null null where it is off, or turned to where nothing is */
    public static function of(Scene $scene, SoftBox $lamp): ?self
    {
        $on = Backdrop::met($scene, $lamp->centre(), $lamp->facing(), $lamp->placement->id);
        $at = $on->place();
        $lux = $on->lux();
        $own = $lux[$lamp->placement->id] ?? 0.0;
        if ($own <= 0.0 || ! is_finite($on->distanceM)) {
            return null;
        }
        $upright = abs($on->normal->z) < 0.9;
        $across = $upright ? $on->normal->cross(new Vec3(0, 0, 1))->unit() : new Vec3(1, 0, 0);
        $up = $across->cross($on->normal)->unit();
        $full = $lamp->luxAt($at, $on->normal);
        $end = static function (Vec3 $way) use ($lamp, $at, $on, $full): ?float {
            [$low, $high] = [0.0, self::WIDEST_M];
            if ($lamp->luxAt($at->plus($way->times($high)), $on->normal) > self::HALF * $full) {
                return null;
            }
            for ($i = 0; $i < 24; $i++) {
                $middle = ($low + $high) / 2;
                if ($lamp->luxAt($at->plus($way->times($middle)), $on->normal) > self::HALF * $full) {
                    $low = $middle;
                } else {
                    $high = $middle;
                }
            }

            return $low;
        };
        $size = static function (Vec3 $way) use ($end): ?float {
            [$one, $other] = [$end($way), $end($way->times(-1.0))];

            return $one === null || $other === null ? null : $one + $other;
        };

        return new self($on, $size($across), $size($up), $own, array_sum($lux) - $own);
    }
}
