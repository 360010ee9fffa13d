<?php

declare(strict_types=1);

namespace FineFrame\Light;

/** Light from something small. */
final class PointSource
{
    /**
     * Lux on a surface: `E = I·cosθ/d²`, and none from behind (Lambert; CIE S 017).
     *
     * @param  float  $incidenceRad  between the ray and the surface's normal
     */
    public static function lux(float $candela, float $distanceM, float $incidenceRad): float
    {
        return max(0.0, $candela * cos($incidenceRad)) / $distanceM ** 2;
    }

    /** Lux on the axis of an even disc, exact near and far: `E = π·L·R²/(R² + d²)`. */
    public static function disc(float $luminance, float $radiusM, float $distanceM): float
    {
        return M_PI * $luminance * $radiusM ** 2 / ($radiusM ** 2 + $distanceM ** 2);
    }
}
