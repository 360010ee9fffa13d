<?php

declare(strict_types=1);

namespace FineFrame\Sound;

/**
 * Two microphones of one kind, so far apart and turned so far from each other: over which angle before them a source goes from
 * one loudspeaker to the other. Level and time differences add toward a whole shift of 15 dB or 1.1 ms, a usual simple trade.
 */
final readonly class StereoPair
{
    private const WHOLE_DB = 15.0;

    private const WHOLE_MS = 1.1;

    /** @param  float  $angleRad  between the two axes */
    public function __construct(private Pickup $pickup, private float $spacingM, private float $angleRad)
    {
    }

    /** How far to one side a far source is heard, 1 for all of it; `$offRad` off the middle. */
    public function shift(float $offRad): float
    {
        $near = $this->pickup->levelDb($offRad - $this->angleRad / 2) ?? -60.0;
        $far = $this->pickup->levelDb($offRad + $this->angleRad / 2) ?? -60.0;

        return ($near - $far) / self::WHOLE_DB + 1000 * Delay::seconds($this->spacingM) * sin($offRad) / self::WHOLE_MS;
    }

    /** The whole angle, radians, over which sources fill the width between the loudspeakers; π where it never does. */
    public function recordingAngle(): float
    {
        for ($deg = 1.0; $deg <= 90.0; $deg += 0.5) {
            if ($this->shift(deg2rad($deg)) >= 1.0) {
                return deg2rad(2 * $deg);
            }
        }

        return M_PI;
    }
}
