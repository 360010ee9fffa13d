<?php

declare(strict_types=1);

namespace App\Instruments;

use FineFrame\Measure\Quantity;
use FineFrame\Plan\Location;

/** What a videographer carries to measure with. Real devices or stand-ins; config/instruments.php chooses. */
interface Instruments
{
    /**
     * Metres between two corners or things of a room, by their ids.
     *
     * @throws NoReading
     */
    public function distance(Location $place, string $from, string $to): Quantity;

    /**
     * Lux on a dome at a spot.
     *
     * @param  string  $under  daylight, room lamps, both
     *
     * @throws NoReading
     */
    public function illuminance(Location $place, string $spot, string $under): Quantity;

    /**
     * Kelvin and Duv of a lamp.
     *
     * @return array{Quantity, Quantity}
     *
     * @throws NoReading
     */
    public function colour(Location $place, string $lamp): array;

    /**
     * dB(A) of what makes a noise.
     *
     * @throws NoReading
     */
    public function level(Location $place, string $source): Quantity;

    /**
     * Amperes that a circuit carries already.
     *
     * @throws NoReading
     */
    public function current(Location $place, string $circuit): Quantity;

    /**
     * The air at a place, a frequency in MHz and a level in dBm a line, as a scanner writes it.
     *
     * @return string CSV
     */
    public function scan(Location $place): string;

    /**
     * A clap in a place, as a recorder writes it.
     *
     * @return string WAV, 16 bits
     */
    public function clap(Location $place): string;

    /** Degrees from magnetic north, looking up the plan. */
    public function compass(Location $place): Quantity;

    /**
     * Cloud over a place on a date, and how sure that is.
     *
     * @return array{cloud: float, sure: float}
     */
    public function forecast(Location $place, string $date): array;
}
