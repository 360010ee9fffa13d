<?php

declare(strict_types=1);

namespace FineFrame\Sound;

/**
 * A first-order microphone: `a + (1 − a)·cos θ`, from 1 (all around) by 0.5 (cardioid) and 0.25 (hypercardioid) to 0 (figure of eight). Any
 * text on microphones.
 */
final readonly class Pickup
{
    public function __construct(public float $a)
    {
    }

    /** Pressure against straight ahead, whatever its sign. */
    public function gain(float $offRad): float
    {
        return abs($this->a + (1 - $this->a) * cos($offRad));
    }

    /** Decibels against straight ahead; null in a null. */
    public function levelDb(float $offRad): ?float
    {
        $gain = $this->gain($offRad);

        return $gain < 1e-12 ? null : 20 * log10($gain);
    }

    /** The share of sound from all around that it takes, against one that takes all: its mean square. */
    public function efficiency(): float
    {
        return $this->a ** 2 + (1 - $this->a) ** 2 / 3;
    }

    /** How many times farther than one that hears all around it may be for as dry a voice. */
    public function distanceFactor(): float
    {
        return 1 / sqrt($this->efficiency());
    }
}
