<?php

declare(strict_types=1);

namespace FineFrame\Tests\Reference;

use FineFrame\Light\Density;
use FineFrame\Light\Exposure;

final class ExposureCases implements Topic
{
    private const CONSTANTS = ['C250' => 250.0, 'C330' => 330.0, 'C340' => 340.0];

    public function answer(string $kind, array $inputs): ?array
    {
        $in = new Inputs($inputs);
        $n = $in->number(...);

        return match ($kind) {
            'required_lux' => self::each(
                'lux',
                static fn (float $c): float => Exposure::lux($n('f_number'), $n('shutter_s'), $n('iso'), $c),
            ),
            'f_number' => self::each(
                'f_number',
                static fn (float $c): float => Exposure::stop($n('illuminance_lx'), $n('shutter_s'), $n('iso'), $c),
            ),
            'ev' => ['ev' => $ev = Exposure::value($n('f_number'), $n('shutter_s')), 'ev100' => $ev - Exposure::stops(100, $n('iso'))],
            'lux_to_ev100' => self::each('ev100', static fn (float $c): float => Exposure::value100($n('illuminance_lx'), $c)),
            'stops_between' => ['stops' => Exposure::stops($n('from_lx'), $n('to_lx'))],
            'nd_from_stops' => $this->density(Density::ofStops($n('stops'))),
            'nd_from_densities' => $this->stacked(new Density(array_sum($in->numbers('densities')))),
            'nd_needed' => self::each(
                'nd_stops',
                static fn (float $c): float => Exposure::densityStops($n('illuminance_lx'), $n('f_number'), $n('shutter_s'), $n('iso'), $c),
            ),
            'shutter_angle_to_time' => ['time_s' => $t = Exposure::shutterSeconds($n('angle_deg'), $n('fps')), 'one_over' => 1 / $t],
            'shutter_time_to_angle' => [
                'angle_deg' => $a = Exposure::shutterAngleDeg($n('time_s'), $n('fps')),
                'possible' => $a <= 360.0 + 1e-9,
            ],
            'flicker_safe' => $this->steady($n('fps'), $n('mains_hz')),
            'contrast' => $this->contrast($n('key_lx'), $n('fill_lx')),
            'fill_for_ratio' => [
                'fill_lx' => Exposure::fillFor($n('key_lx'), $r = $n('ratio_key_plus_fill_to_fill')),
                'stops' => log($r, 2),
            ],
            't_stop' => ['t_stop' => Exposure::tStop($n('f_number'), $n('transmittance')), 'loss_stops' => -log($n('transmittance'), 2)],
            default => null,
        };
    }

    /**
     * @param  \Closure(float): float  $value
     * @return array<string, float>
     */
    private static function each(string $name, \Closure $value): array
    {
        $all = [];
        foreach (self::CONSTANTS as $suffix => $c) {
            $all[$name.'_'.$suffix] = $value($c);
        }

        return $all;
    }

    /** @return array<string, float> */
    private function density(Density $density): array
    {
        return [
            'density_nominal' => $density->nominal(),
            'density_exact' => $density->density,
            'factor' => $density->factor(),
            'transmittance' => 1 / $density->factor(),
        ];
    }

    /** @return array<string, float> */
    private function stacked(Density $density): array
    {
        return [
            'density' => $density->density,
            'stops_nominal' => $density->nominalStops(),
            'stops_exact' => $density->stops(),
            'factor_exact' => $density->factor(),
        ];
    }

    /** @return array<string, list<float>> */
    private function steady(float $fps, float $mains): array
    {
        $times = Exposure::steadyTimes($fps, $mains);

        return [
            'safe_times_s' => $times,
            'safe_angles_deg' => array_map(static fn (float $t): float => Exposure::shutterAngleDeg($t, $fps), $times),
        ];
    }

    /** @return array<string, float|null> */
    private function contrast(float $key, float $fill): array
    {
        $ratio = Exposure::ratio($key, $fill);

        return [
            'ratio_key_plus_fill_to_fill' => $ratio,
            'stops' => $ratio === null ? null : log($ratio, 2),
            'ratio_key_to_fill' => $ratio === null ? null : $ratio - 1,
        ];
    }
}
