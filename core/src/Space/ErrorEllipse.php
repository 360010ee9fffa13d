<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Geometry\Vec2;

/** How well a point is known: standard semi-axes, and the way the longer one lies. */
final readonly class ErrorEllipse
{
    /** The factor to the ellipse that holds the point 95 times in 100 (chi-square, two degrees of freedom). */
    public const SURE = 2.4477;

    private function __construct(public float $majorM, public float $minorM, public Vec2 $along)
    {
    }

    public static function of(float $xx, float $xy, float $yy): self
    {
        $middle = ($xx + $yy) / 2;
        $half = hypot(($xx - $yy) / 2, $xy);
        $turn = atan2(2 * $xy, $xx - $yy) / 2;

        return new self(sqrt(max(0.0, $middle + $half)), sqrt(max(0.0, $middle - $half)), new Vec2(cos($turn), sin($turn)));
    }
}
