<?php

declare(strict_types=1);

namespace FineFrame\Power;

/** Single-phase mains: I = P/(V·PF). */
final class Mains
{
    /** @throws ImpossiblePower */
    public static function amps(float $watts, float $volts, float $powerFactor = 1.0): float
    {
        return match (true) {
            $watts < 0.0 => throw ImpossiblePower::negative('A load'),
            $volts <= 0.0 => throw ImpossiblePower::none('A voltage'),
            $powerFactor <= 0.0 || $powerFactor > 1.0 => throw ImpossiblePower::share('A power factor'),
            default => $watts / ($volts * $powerFactor),
        };
    }
}
