<?php

declare(strict_types=1);

namespace FineFrame\Tests\Reference;

use FineFrame\Power\Battery;
use FineFrame\Power\CellDay;
use FineFrame\Power\ImpossiblePower;

final class BatteryCases implements Topic
{
    public function answer(string $kind, array $inputs): ?array
    {
        $in = new Inputs($inputs);

        return match ($kind === 'refuse' ? $in->word('asked') : $kind) {
            'runtime' => $this->runtime($in),
            'plan' => $this->day(new CellDay(
                $in->numbers('packs'),
                [['watts' => $in->number('watts'), 'from' => $in->number('from_min'), 'to' => $in->number('to_min')]],
                $in->numbers('pauses'),
                once: true,
            )),
            'day' => $this->day(new CellDay(
                $in->numbers('packs'),
                array_map(static fn (Inputs $d): array => [
                    'watts' => $d->number('watts'), 'from' => $d->number('from_min'), 'to' => $d->number('to_min'),
                ], $in->each('devices')),
                $in->numbers('pauses'),
                $this->slots($in),
            )),
            'charge' => ['valid' => true, 'minutes' => CellDay::charged($in->numbers('missing_wh'), $this->slots($in))],
            default => null,
        };
    }

    /** @return array<string, mixed> */
    private function runtime(Inputs $in): array
    {
        $battery = new Battery($in->number('pack_wh'), $in->number('efficiency'), $in->number('usable'));
        $watts = Battery::drawn(array_map(
            static fn (Inputs $d): array => [$d->number('watts'), $d->has('duty') ? $d->number('duty') : 1.0],
            $in->each('devices'),
        ));
        $packs = max(1, $battery->count($watts, $in->number('need_min') / 60));

        return [
            'valid' => true,
            'watts' => $watts / $in->number('efficiency'),
            'hours' => $battery->hours($watts),
            'packs_needed' => $packs,
            'covers' => $packs === 1,
        ];
    }

    /** @return array<string, mixed> */
    private function day(CellDay $day): array
    {
        return [
            'valid' => true,
            'covered' => $day->isCovered,
            'least_swaps' => $day->leastSwaps,
            'latest_first_swap_min' => $day->latestFirst,
            'lasts_until_min' => $day->lastsUntil,
        ];
    }

    /** @return list<float> watts that arrive in a pack */
    private function slots(Inputs $in): array
    {
        $efficiency = $in->number('charge_efficiency');
        if ($efficiency <= 0.0 || $efficiency > 1.0) {
            throw ImpossiblePower::share('An efficiency');
        }

        return array_map(static fn (float $w): float => $w * $efficiency, $in->numbers('slots'));
    }
}
