<?php

declare(strict_types=1);

namespace FineFrame\Light;

/** The sky that daylight is computed under; or none, and what is there is what the meter read. */
enum Weather: string
{
    case AsMetered = 'as metered';
    case Clear = 'clear';
    case Broken = 'broken';
    case Overcast = 'overcast';

    /** @return list<self> */
    public static function skies(): array
    {
        return [self::Clear, self::Broken, self::Overcast];
    }

    /** Optical depth of one air mass: IES RP-21, clear 0.21, partly cloudy 0.80; no sun through an overcast. */
    public function extinction(): float
    {
        return match ($this) {
            self::Clear => 0.21, self::Broken => 0.80, default => INF,
        };
    }

    /**
     * Klx on open level ground from the sky alone are A + B·sin(altitude)^C: IES RP-21.
     *
     * @return array{float, float, float}
     */
    public function skyTerms(): array
    {
        return match ($this) {
            self::Clear => [0.8, 15.5, 0.5], self::Broken => [0.3, 45.0, 1.0], default => [0.3, 21.0, 1.0],
        };
    }

    /** Middle values that handbooks print for the light of the sky alone, kelvin. */
    public function skyKelvin(): float
    {
        return match ($this) {
            self::Clear => 11_000.0, self::Broken => 7500.0, default => 6500.0,
        };
    }
}
