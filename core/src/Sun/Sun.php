<?php

declare(strict_types=1);

namespace FineFrame\Sun;

use FineFrame\Geometry\Vec3;

/**
 * Where the sun stands, by the low-accuracy series of Meeus (Astronomical Algorithms, 2nd ed., ch. 25; NOAA's
 * calculator uses the same): within 0.02° over 1950–2050. The altitude is of the centre, topocentric, without air.
 */
final readonly class Sun
{
    private const J2000 = 946728000.0;

    /** Dynamical minus universal time, seconds: 69 in 2020, within 15 s of it over 1980–2050. */
    private const DELTA_T = 69.2;

    private function __construct(public float $azimuthRad, public float $altitudeRad, public float $hourAngleRad, public float $distanceAu)
    {
    }

    /** @param  float  $time  seconds of the epoch */
    public static function over(Site $site, float $time): self
    {
        [$ascension, $declination, $distance] = self::equatorial(($time + self::DELTA_T - self::J2000) / 86400 / 36525);
        $days = ($time - self::J2000) / 86400;
        $sidereal = deg2rad(fmod(280.46061837 + 360.98564736629 * $days, 360.0)) + deg2rad($site->longitudeDeg);
        $hour = fmod($sidereal - $ascension + 5 * M_PI, 2 * M_PI);
        $hour = ($hour < 0 ? $hour + 2 * M_PI : $hour) - M_PI;
        $latitude = deg2rad($site->latitudeDeg);
        $sine = sin($latitude) * sin($declination) + cos($latitude) * cos($declination) * cos($hour);
        $altitude = asin(max(-1.0, min(1.0, $sine)));
        $azimuth = atan2(sin($hour), cos($hour) * sin($latitude) - tan($declination) * cos($latitude)) + M_PI;

        return new self($azimuth, $altitude - deg2rad(8.794 / 3600) * cos($altitude) / $distance, $hour, $distance);
    }

    /** A sun put by hand, for studies and tests. */
    public static function standing(float $azimuthRad, float $altitudeRad): self
    {
        return new self($azimuthRad, $altitudeRad, 0.0, 1.0);
    }

    /** Towards the sun; x east, y north. */
    public function direction(): Vec3
    {
        return new Vec3(
            cos($this->altitudeRad) * sin($this->azimuthRad),
            cos($this->altitudeRad) * cos($this->azimuthRad),
            sin($this->altitudeRad),
        );
    }

    /** Raised by standard air, 1010 hPa and 10 °C (Sæmundsson 1986, in Meeus ch. 16). */
    public function refractedRad(float $pressureHpa = 1010.0, float $celsius = 10.0): float
    {
        $deg = rad2deg($this->altitudeRad);
        if ($deg < -1.0) {
            return $this->altitudeRad;
        }
        $minutes = 1.02 / tan(deg2rad($deg + 10.3 / ($deg + 5.11))) * $pressureHpa / 1010 * 283 / (273 + $celsius);

        return $this->altitudeRad + deg2rad($minutes / 60);
    }

    /** The altitude of the centre when the upper limb rises or sets: 34′ of refraction and the half disc. */
    public function risingRad(): float
    {
        return -deg2rad(34 / 60) - deg2rad(959.63 / 3600) / $this->distanceAu;
    }

    /** @return array{float, float, float} right ascension and declination of date, radians, and distance */
    private static function equatorial(float $centuries): array
    {
        $t = $centuries;
        $anomaly = deg2rad(357.52911 + 35999.05029 * $t - 0.0001537 * $t ** 2);
        $eccentricity = 0.016708634 - 0.000042037 * $t;
        $centre = (
            1.914602
            - 0.004817 * $t
        ) * sin($anomaly) + (0.019993 - 0.000101 * $t) * sin(2 * $anomaly) + 0.000289 * sin(3 * $anomaly);
        $node = deg2rad(125.04 - 1934.136 * $t);
        $longitude = deg2rad(280.46646 + 36000.76983 * $t + 0.0003032 * $t ** 2 + $centre - 0.00569 - 0.00478 * sin($node));
        $obliquity = deg2rad(23.439291 - 0.0130042 * $t + 0.00256 * cos($node));
        $distance = 1.000001018 * (1 - $eccentricity ** 2) / (1 + $eccentricity * cos($anomaly + deg2rad($centre)));

        return [atan2(cos($obliquity) * sin($longitude), cos($longitude)), asin(sin($obliquity) * sin($longitude)), $distance];
    }
}
