<?php

declare(strict_types=1);

namespace FineFrame\Tests\Reference;

use FineFrame\Grip\Balance;
use FineFrame\Grip\Wind;
use FineFrame\Power\Battery;
use FineFrame\Power\Breaker;
use FineFrame\Power\Mains;
use FineFrame\Power\Wire;

final class PowerGripCases implements Topic
{
    public function answer(string $kind, array $inputs): ?array
    {
        $in = new Inputs($inputs);
        $n = $in->number(...);

        return match ($kind) {
            'amps' => ['amps' => Mains::amps($n('watts'), $n('volts'), $n('power_factor'))],
            'circuit' => $this->circuit($n('volts'), $n('breaker_a'), array_sum($in->numbers('loads_w'))),
            'awg' => [
                'diameter_mm' => Wire::diameterMm((int) $n('awg')),
                'area_mm2' => Wire::areaMm2((int) $n('awg')),
                'ohm_per_km' => Wire::ofGauge((int) $n('awg'))->ohmPerKm,
            ],
            'voltage_drop' => $this->drop($in),
            'battery' => [
                'run_time_h' => $h = (new Battery($n('capacity_wh'), $n('efficiency'), $n('usable_fraction')))->hours($n('load_w')),
                'run_time_min' => $h === null ? null : 60 * $h,
            ],
            'battery_count' => ['count' => (new Battery($n('capacity_wh'), $n('efficiency')))->count($n('load_w'), $n('hours'))],
            'stand_tip' => $this->tip($in),
            'ballast' => ['ballast_kg' => Balance::ballastKg(
                $n('foot_radius_m'), $n('load_kg'), $n('load_offset_m'), $n('stand_kg'), $n('safety_factor'),
            )],
            'counterweight' => ['counterweight_kg' => Balance::counterweightKg(
                $n('load_kg'), $n('load_offset_m'), $n('counterweight_offset_m'),
            )],
            'wind' => [
                'pressure_pa' => ($wind = new Wind($n('wind_m_s'), $n('air_density_kg_m3')))->pressurePa(),
                'force_n' => $f = $wind->forceN($n('area_m2'), $n('drag_coefficient')),
                'force_kgf' => $f / Balance::G,
            ],
            'wind_ballast' => [
                'force_n' => $f = ($wind = new Wind($n('wind_m_s'), $n('air_density_kg_m3')))->forceN($n('area_m2'), $n('drag_coefficient')),
                'overturning_nm' => $f * $n('height_m'),
                'restoring_without_ballast_nm' => Balance::G * $n('stand_kg') * Balance::edgeM($n('foot_radius_m')),
                'ballast_kg' => $wind->ballastKg(
                    $n('area_m2'), $n('height_m'), $n('foot_radius_m'), $n('stand_kg'), $n('safety_factor'), $n('drag_coefficient'),
                ),
            ],
            default => null,
        };
    }

    /** @return array<string, mixed> */
    private function circuit(float $volts, float $breakerA, float $watts): array
    {
        $breaker = new Breaker('b', $breakerA, $volts, 0.8);
        $amps = Mains::amps($watts, $volts);

        return [
            'total_w' => $watts,
            'amps' => $amps,
            'continuous_limit_a' => $breaker->limitA(),
            'continuous_limit_w' => $breaker->limitA() * $volts,
            'spare_w' => $breaker->limitA() * $volts - $watts,
            'within_80_percent' => $amps <= $breaker->limitA() + Breaker::EVEN_A,
            'within_breaker' => $amps <= $breakerA + Breaker::EVEN_A,
        ];
    }

    /** @return array<string, mixed> */
    private function drop(Inputs $in): array
    {
        $wire = new Wire($in->number('ohm_per_km'));
        [$length, $amps, $volts] = [$in->number('length_m'), $in->number('amps'), $in->number('volts')];
        $drop = $wire->dropV($length, $amps);

        return [
            'drop_v' => $drop,
            'drop_percent' => 100 * $drop / $volts,
            'volts_at_load' => $volts - $drop,
            'loss_w' => $drop * $amps,
            'loop_ohm' => $wire->loopOhm($length),
        ];
    }

    /** @return array<string, mixed> */
    private function tip(Inputs $in): array
    {
        $n = $in->number(...);
        $balance = Balance::of(
            $n('foot_radius_m'), $n('load_kg'), $n('load_offset_m'), $n('stand_kg'), $n('ballast_kg'), $n('load_direction_from_leg_deg'),
        );

        return [
            'edge_distance_m' => Balance::edgeM($n('foot_radius_m')),
            'restoring_nm' => $balance->restoringNm,
            'overturning_nm' => $balance->overturningNm,
            'safety_factor' => $balance->safety(),
            'tips' => $balance->tips(),
        ];
    }
}
