<?php

declare(strict_types=1);

namespace FineFrame\Tests\Reference;

use FineFrame\Power\Battery;
use FineFrame\Power\Breaker;
use FineFrame\Power\Load;
use FineFrame\Power\Mains;
use FineFrame\Power\Panel;
use FineFrame\Power\TakeOff;

final class CircuitCases implements Topic
{
    public function answer(string $kind, array $inputs): ?array
    {
        $in = new Inputs($inputs);

        return match ($kind === 'refuse' ? $in->word('as_kind') : $kind) {
            'assign' => $this->assign($in),
            'battery' => $this->battery($in),
            default => null,
        };
    }

    /** @return array<string, mixed> */
    private function assign(Inputs $in): array
    {
        $panel = new Panel($this->breakers($in), $this->loads($in), $this->apart($in));
        $cheapest = $panel->cheapest();

        return $cheapest === null
            ? ['feasible' => false]
            : ['feasible' => true, 'least_cost_m' => $cheapest[0], 'largest_least_margin_a' => $panel->roomiest()[0] ?? null];
    }

    /** @return array<string, mixed> */
    private function battery(Inputs $in): array
    {
        $battery = $in->map('battery');
        $hours = [];
        foreach ($in->lists('loads') as $load) {
            if (($load['battery_ok'] ?? false) === true) {
                $hours[is_string($load['id']) ? $load['id'] : ''] = Inputs::float($load['hours']);
            }
        }
        $found = TakeOff::find(
            $this->breakers($in),
            $this->loads($in),
            $this->apart($in),
            new Battery($battery->number('capacity_wh'), $battery->number('efficiency')),
            $hours,
            $battery->number('max_w'),
            (int) $battery->number('carried'),
        );

        return $found === null ? ['mains_alone' => false, 'possible' => false] : [
            'mains_alone' => $found->mainsAlone,
            'possible' => true,
            'take_off' => $found->ids,
            'batteries' => $found->batteries,
            'battery_wh' => $found->wattHours,
        ];
    }

    /** @return list<Breaker> */
    private function breakers(Inputs $in): array
    {
        return array_map(static function (array $row): Breaker {
            $b = new Inputs($row);

            return new Breaker(
                $b->word('id'),
                $b->number('amps'),
                $b->number('volts'),
                $b->number('continuous_share'),
                $b->number('already_w') === 0.0 ? 0.0 : Mains::amps($b->number('already_w'), $b->number('volts'), $b->number('already_power_factor')),
                $b->names('already_classes'),
            );
        }, $in->lists('breakers'));
    }

    /** @return list<Load> */
    private function loads(Inputs $in): array
    {
        return array_map(static function (array $row) use ($in): Load {
            $l = new Inputs($row);

            return new Load(
                $l->word('id'),
                $l->number('watts'),
                $l->number('power_factor'),
                $l->word('class'),
                $l->has('only') ? $l->word('only') : null,
                $l->names('not'),
                $in->has('cost_m') ? $in->map('cost_m')->map($l->word('id'))->floats() : [],
            );
        }, $in->lists('loads'));
    }

    /** @return list<array{string, string}> */
    private function apart(Inputs $in): array
    {
        return array_map(static fn (array $pair): array => [strval($pair[0]), strval($pair[1])], $in->lists('apart'));
    }
}
