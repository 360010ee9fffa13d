<?php

declare(strict_types=1);

namespace FineFrame\Tests\Reference;

use FineFrame\Sun\Site;
use FineFrame\Sun\Sun;
use FineFrame\Sun\SunDay;

final class SunCases implements Topic
{
    public function answer(string $kind, array $inputs): ?array
    {
        $in = new Inputs($inputs);

        return match ($kind) {
            'position' => $this->position(Sun::over(self::site($in), self::time($in))),
            'spa_example' => $this->published($in),
            'day' => $this->day(SunDay::of(self::site($in), $in->word('date'))),
            default => null,
        };
    }

    public static function site(Inputs $in): Site
    {
        return Site::at($in->number('latitude_deg'), $in->number('longitude_deg'), $in->word('timezone') ?: 'UTC');
    }

    private static function time(Inputs $in): float
    {
        return (float) (new \DateTimeImmutable($in->word('utc')))->getTimestamp();
    }

    /** @return array<string, float> */
    private function position(Sun $sun): array
    {
        return [
            'azimuth_deg' => rad2deg($sun->azimuthRad),
            'altitude_deg' => rad2deg($sun->altitudeRad),
            'altitude_refracted_deg' => rad2deg($sun->refractedRad()),
        ];
    }

    /** @return array<string, mixed> */
    private function published(Inputs $in): array
    {
        $site = self::site($in);
        $sun = Sun::over($site, self::time($in));
        $refracted = $sun->refractedRad($in->number('pressure_mbar'), $in->number('temperature_c'));
        $slope = Sun::standing(deg2rad($in->number('surface_azimuth_deg')), M_PI / 2 - deg2rad($in->number('surface_slope_deg')));
        $rise = SunDay::of($site, substr($in->word('utc'), 0, 10))->sunrise;

        return [
            'zenith_deg' => 90 - rad2deg($refracted),
            'azimuth_deg' => rad2deg($sun->azimuthRad),
            'altitude_refracted_deg' => rad2deg($refracted),
            'altitude_airless_deg' => rad2deg($sun->altitudeRad),
            'incidence_on_surface_deg' => rad2deg(Sun::standing($sun->azimuthRad, $refracted)->direction()->angleTo($slope->direction())),
            'sunrise_utc' => $rise === null ? null : $site->clock($rise, 'c'),
        ];
    }

    /** @return array<string, mixed> */
    private function day(SunDay $day): array
    {
        $clock = static fn (?float $time): ?string => $time === null ? null : $day->site->clock($time, 'c');
        $azimuth = static fn (?float $time): ?float => $time === null ? null : rad2deg(Sun::over($day->site, $time)->azimuthRad);

        return [
            'state' => $day->state,
            'sunrise' => $clock($day->sunrise),
            'sunset' => $clock($day->sunset),
            'solar_noon' => $clock($day->noon),
            'noon_altitude_deg' => rad2deg($day->noonAltitudeRad),
            'day_length_s' => $day->lengthS(), 'civil_dawn' => $clock($day->civilDawn), 'civil_dusk' => $clock($day->civilDusk),
            'sunrise_azimuth_deg' => $azimuth($day->sunrise), 'sunset_azimuth_deg' => $azimuth($day->sunset),
        ];
    }
}
