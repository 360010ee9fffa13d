<?php

declare(strict_types=1);

namespace FineFrame\Rundown;

/** A song played faster while more pictures a second are taken, so that lips fit when they run slowly. */
final readonly class Playback
{
    public float $factor;

    /** @throws ImpossibleDay */
    public function __construct(float $shotFps, float $shownFps)
    {
        $this->factor = min($shotFps, $shownFps) > 0.0 ? $shotFps / $shownFps : throw ImpossibleDay::tempo();
    }

    /** Seconds that a song then lasts on the set. */
    public function lasts(float $seconds): float
    {
        return $seconds / $this->factor;
    }

    /** How much higher it sounds, where the pitch is not held. */
    public function semitones(): float
    {
        return 12 * log($this->factor, 2);
    }
}
