<?php

declare(strict_types=1);

namespace FineFrame\Figures;

use FineFrame\Judge\PlaceView;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Scout\Noise;

/** A place's sun, echo, noise and power. */
final class PlaceFigures
{
    /** @return list<Figure> */
    public static function of(PlaceView $view): array
    {
        $id = $view->place->id;
        $one = static fn (
            string $name,
            Quantity|string $value,
            string $formula,
            string $source,
        ): Figure => new Figure('place', $id, $name, $value, new Working($formula, [], $source));
        $all = [$one('watts', Quantity::of($view->watts(), Unit::Watt), 'sum of the planned lamps', 'the fixtures’ own figures')];
        if ($view->place->space->surfaces->isKnown()) {
            $sound = $view->sound();
            $all[] = $one('volume', Quantity::of($sound->volumeM3, Unit::CubicMetre), 'floor × mean height', 'solved from the tape');
            $all[] = $one(
                'reverberation',
                Quantity::of($sound->speechTime(), Unit::Second),
                'T = 0.161·V/A, mean of 500, 1000 and 2000 Hz',
                'Sabine; Eyring above a mean absorption of 0.2',
            );
        }
        $noise = Noise::together(array_map(static fn ($n): float => $n->number('level_dba') ?? 0.0, $view->noises()));
        if ($noise !== null) {
            $all[] = $one('noise', Quantity::of($noise, Unit::LevelA), 'L = 10·log₁₀ Σ 10^(Lᵢ/10)', 'energies add');
        }
        $day = $view->study()?->day;
        if ($day !== null) {
            $clock = static fn (?float $time): string => $time === null ? 'none' : $day->site->clock($time);
            $sun = static fn (string $name, Quantity|string $value): Figure => $one(
                $name,
                $value,
                'sun’s altitude by Meeus, ch. 25',
                'within 0.02° over 1950–2050; upper limb, 34′ of refraction',
            );
            array_push(
                $all,
                $sun('sunrise', $clock($day->sunrise)),
                $sun('sunset', $clock($day->sunset)),
                $sun('solar_noon', $clock($day->noon)),
                $sun('noon_altitude', Quantity::degrees(rad2deg($day->noonAltitudeRad))),
                $sun('dark', $clock($day->civilDusk)),
            );
        }

        return $all;
    }
}
