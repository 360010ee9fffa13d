<?php

declare(strict_types=1);

namespace FineFrame\Tests\Reference;

use FineFrame\Light\Chromaticity;
use FineFrame\Light\Mired;

final class ColourCases implements Topic
{
    public function answer(string $kind, array $inputs): ?array
    {
        $in = new Inputs($inputs);

        return match ($kind) {
            'mired_shift' => $this->shift($in->number('from_k'), $in->number('to_k')),
            'gel_apply' => $this->gelled($in->number('source_k'), array_sum($in->numbers('gel_shifts_mired'))),
            'gel_choice' => $this->chosen($in),
            'white_balance_offset' => $this->offset(Mired::shift($in->number('camera_wb_k'), $in->number('source_k'))),
            'mix' => $this->mixed($in),
            'tint' => $this->read(new Chromaticity($in->number('x'), $in->number('y'))),
            default => null,
        };
    }

    /** @return array<string, mixed> */
    private function shift(float $from, float $to): array
    {
        $shift = Mired::shift($from, $to);

        return [
            'mired_from' => Mired::of($from),
            'mired_to' => Mired::of($to),
            'shift_mired' => $shift,
            'direction' => $shift > 0 ? 'warmer' : ($shift < 0 ? 'cooler' : 'none'),
        ];
    }

    /** @return array<string, mixed> */
    private function gelled(float $source, float $shift): array
    {
        $result = Mired::shifted($source, $shift);

        return ['result_k' => $result, 'result_mired' => Mired::of($source) + $shift, 'valid' => $result !== null];
    }

    /** @return array<string, mixed> */
    private function chosen(Inputs $in): array
    {
        $gels = $in->map('gels_mired')->floats() ?: ['none' => 0.0];
        $wanted = Mired::shift($in->number('source_k'), $in->number('target_k'));
        $best = Mired::nearestGel($wanted, $gels);

        return [
            'wanted_shift_mired' => $wanted,
            'best' => $best,
            'result_k' => Mired::shifted($in->number('source_k'), $gels[$best]),
            'residual_mired' => $wanted - $gels[$best],
        ];
    }

    /** @return array<string, mixed> */
    private function offset(float $mired): array
    {
        return ['offset_mired' => $mired, 'appears' => $mired > 0 ? 'warm' : ($mired < 0 ? 'cool' : 'neutral')];
    }

    /** @return array<string, mixed> */
    private function mixed(Inputs $in): array
    {
        $lights = array_map(static function (array $light): array {
            $kelvin = Inputs::float($light['cct_k'] ?? null);

            return [
                Inputs::float($light['illuminance_lx'] ?? null),
                ($light['kind'] ?? '') === 'daylight' ? Chromaticity::daylight($kelvin) : Chromaticity::planckian($kelvin),
            ];
        }, $in->lists('sources')) ?: [[0.0, Chromaticity::planckian(5000)]];
        $mix = Chromaticity::mixed($lights);

        return ['illuminance_lx' => array_sum(array_column($lights, 0)), 'x' => $mix->x, 'y' => $mix->y] + $this->read($mix);
    }

    /** @return array<string, mixed> */
    private function read(Chromaticity $colour): array
    {
        return ['cct_k' => $colour->kelvin(), 'duv' => $colour->duv(), 'tint' => $colour->tint()->value];
    }
}
