<?php

declare(strict_types=1);

namespace App\Instruments;

use FineFrame\Plan\Location;
use Psr\Clock\ClockInterface;

/** The hour by the clock that people at a place live by. */
final readonly class PlaceClock
{
    public function __construct(private ClockInterface $clock)
    {
    }

    /** @return array{taken_on: string, taken_at: string} as a reading is written down */
    public function stamp(Location $place): array
    {
        $now = $this->clock->now()->setTimezone($place->site->zone ?? new \DateTimeZone('UTC'));

        return ['taken_on' => $now->format('Y-m-d'), 'taken_at' => $now->format('H:i')];
    }
}
