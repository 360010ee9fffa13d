<?php

declare(strict_types=1);

namespace FineFrame\Sound;

/**
 * What stays in a room after the direct sound, at a microphone: how long, and how loud against the direct sound at one metre. Diffuse
 * energy `16π·REE/(Q·A)`: Kuttruff, Room Acoustics; Beranek, Acoustics.
 */
final readonly class Tail
{
    /** Clarity asks what comes before and after so much, seconds. */
    private const EARLY_S = 0.05;

    /**
     * @param  list<float>  $timesS  by octave band; infinite where nothing is taken
     * @param  list<float>  $energies  diffuse, by band
     */
    private function __construct(public array $timesS, public array $energies)
    {
    }

    /**
     * @param  list<float>  $absorptionM2  by band
     * @param  float  $q  how much louder the source is ahead than all around
     */
    public static function of(float $volumeM3, array $absorptionM2, Pickup $pickup, float $q = 1.0): self
    {
        $time = static fn (float $a): float => $a > 0.0 ? Reverberation::SABINE * $volumeM3 / $a : INF;
        $energy = static fn (float $a): float => $a > 0.0 ? 16 * M_PI * $pickup->efficiency() / ($q * $a) : INF;

        return new self(array_map($time, $absorptionM2), array_map($energy, $absorptionM2));
    }

    /** @return list<float|null> decibels by band; null where it is endless, or nothing */
    public function levelsDb(): array
    {
        return array_map(self::db(...), $this->energies);
    }

    /** @return list<float|null> decibels of a direct sound over it, by band */
    public function underDb(float $directGain): array
    {
        return array_map(static fn (float $e): ?float => $e > 0.0 ? self::db($directGain ** 2 / $e) : null, $this->energies);
    }

    /** @return list<float|null> clarity C50 by band, decibels */
    public function clarityDb(float $directGain): array
    {
        return array_map(static function (float $energy, float $time) use ($directGain): ?float {
            $late = $time > 0.0 ? exp(-6 * M_LN10 * self::EARLY_S / $time) : 0.0;

            return $energy * $late > 0.0 ? self::db(($directGain ** 2 + $energy * (1 - $late)) / ($energy * $late)) : null;
        }, $this->energies, $this->timesS);
    }

    private static function db(float $energy): ?float
    {
        return $energy > 0.0 && is_finite($energy) ? 10 * log10($energy) : null;
    }
}
