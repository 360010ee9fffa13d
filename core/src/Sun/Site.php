<?php

declare(strict_types=1);

namespace FineFrame\Sun;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Measure\Unit;

/** Where on earth a place is, and by which clock people there live. */
final readonly class Site implements Part
{
    /** @param  array<string, mixed>  $extra */
    private function __construct(
        public float $latitudeDeg,
        public float $longitudeDeg,
        public \DateTimeZone $zone,
        public float $declinationDeg,
        public float $skylineRad,
        private array $extra,
    ) {
    }

    /** @param  string  $zone  IANA name */
    public static function at(float $latitudeDeg, float $longitudeDeg, string $zone = 'UTC'): self
    {
        return new self($latitudeDeg, $longitudeDeg, new \DateTimeZone($zone), 0.0, 0.0, []);
    }

    public static function read(Node $node): self
    {
        $zone = $node->text('time_zone', 'UTC', 60);
        if (! in_array($zone, \DateTimeZone::listIdentifiers(), true)) {
            $node->wrong('time_zone', 'must be a time zone such as Europe/Oslo');
        }

        return new self(
            $node->number('latitude_deg', -90, 90, Unit::Degree),
            $node->number('longitude_deg', -180, 180, Unit::Degree),
            new \DateTimeZone(in_array($zone, \DateTimeZone::listIdentifiers(), true) ? $zone : 'UTC'),
            $node->number('declination_deg', -60, 60, Unit::Degree, 0.0),
            $node->angle('skyline_deg', 0, 80, 0),
            $node->rest(),
        );
    }

    public function write(): array
    {
        return [
            'latitude_deg' => $this->latitudeDeg, 'longitude_deg' => $this->longitudeDeg, 'time_zone' => $this->zone->getName(),
            'declination_deg' => $this->declinationDeg, 'skyline_deg' => round(rad2deg($this->skylineRad), 9),
        ] + $this->extra;
    }

    /**
     * @param  string  $date  as 2026-11-14
     * @return array{float, float} the seconds of the epoch at which the local date begins and ends: 23 or 25 hours where the clock changes
     */
    public function day(string $date): array
    {
        $from = new \DateTimeImmutable($date.' 00:00', $this->zone);

        return [(float) $from->getTimestamp(), (float) $from->modify('+1 day')->getTimestamp()];
    }

    /** The local clock, as `H:i` or any other format of PHP's. */
    public function clock(float $time, string $format = 'H:i'): string
    {
        return (new \DateTimeImmutable('@'.round($time)))->setTimezone($this->zone)->format($format);
    }

    /**
     * The true bearing from one position to another, as from two points on a wall read off a map (great circle; any text on
     * navigation).
     *
     * @param  array{float, float}  $from  latitude and longitude, degrees
     * @param  array{float, float}  $to
     */
    public static function bearingBetween(array $from, array $to): float
    {
        [$one, $other, $turn] = [deg2rad($from[0]), deg2rad($to[0]), deg2rad($to[1] - $from[1])];

        return atan2(sin($turn) * cos($other), cos($one) * sin($other) - sin($one) * cos($other) * cos($turn));
    }

    /** A compass reads magnetic bearings: east declination is added. */
    public function trueBearing(float $compassRad): float
    {
        return $compassRad + deg2rad($this->declinationDeg);
    }
}
