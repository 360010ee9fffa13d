<?php

declare(strict_types=1);

namespace FineFrame\Light;

/** How a beam's intensity falls off from its middle, for a lamp of which only flux and full width at half of it are known. */
enum Beam: string
{
    case Cone = 'uniform_cone';
    case Cosine = 'cosine_power';
    case Bell = 'gaussian';

    private const STEPS = 4096;

    /**
     * Candela straight ahead.
     *
     * Source: the flux is the integral of the intensity over the half-space; uniform cone `Φ/2π(1−cos b/2)`, power of the cosine
     * `Φ(n+1)/2π` with n = ln ½ / ln cos(b/2), bell by Simpson's rule.
     *
     * @param  float  $widthRad  full width at half of the middle's intensity; of a cone, all of it
     */
    public function centre(float $lumens, float $widthRad): float
    {
        $half = $widthRad / 2;

        return match ($this) {
            self::Cone => $lumens / (2 * M_PI * (1 - cos($half))),
            self::Cosine => $lumens * (log(0.5) / log(cos($half)) + 1) / (2 * M_PI),
            self::Bell => $lumens / self::bell($half),
        };
    }

    /** The flux of a bell of one candela. */
    private static function bell(float $half): float
    {
        $step = M_PI / 2 / self::STEPS;
        $sum = 0.0;
        for ($i = 0; $i <= self::STEPS; $i++) {
            $angle = $i * $step;
            $weight = match (true) {
                $i === 0, $i === self::STEPS => 1,
                default => 2 + 2 * ($i % 2),
            };
            $sum += $weight * exp(-M_LN2 * ($angle / $half) ** 2) * sin($angle);
        }

        return 2 * M_PI * $sum * $step / 3;
    }
}
