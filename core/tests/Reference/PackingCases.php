<?php

declare(strict_types=1);

namespace FineFrame\Tests\Reference;

use FineFrame\Pack\Box;
use FineFrame\Pack\Carriers;
use FineFrame\Pack\CaseSize;
use FineFrame\Pack\ImpossiblePack;
use FineFrame\Pack\Packer;

final class PackingCases implements Topic
{
    public function answer(string $kind, array $inputs): ?array
    {
        $in = new Inputs($inputs);
        try {
            $answer = ($kind === 'refuse' ? $in->word('asked') : $kind) === 'fit' ? $this->fit($in) : $this->carry($in);
        } catch (ImpossiblePack) {
            return ['valid' => false];
        }

        return $answer;
    }

    /** @return array<string, mixed> */
    private function fit(Inputs $in): array
    {
        $packer = new Packer(array_map(static fn (Inputs $b): Box => new Box(
            $b->word('id'), $b->number('l_m'), $b->number('w_m'), $b->number('h_m'), $b->number('kg'), $b->flag('upright'), $b->flag('fragile'),
        ), $in->each('items')), array_map(static fn (Inputs $c): CaseSize => new CaseSize(
            $c->word('id'), $c->number('l_m'), $c->number('w_m'), $c->number('h_m'), $c->number('max_kg'),
        ), $in->each('cases')));
        $packing = $packer->pack();

        return [
            'feasible' => $packing->left === [], 'least_cases' => $packing->left === [] ? count($packing->cases) : null,
            'bound_volume' => $packer->byVolume(), 'bound_weight' => $packer->byWeight(),
        ];
    }

    /** @return array<string, mixed> */
    private function carry(Inputs $in): array
    {
        $kg = array_map(static fn (Inputs $c): float => $c->number('kg'), $in->each('cases'));
        if ($kg !== [] && min($kg) <= 0.0) {
            throw ImpossiblePack::size('A case');
        }
        foreach (['cases', 'people'] as $list) {
            foreach (array_count_values(array_map(static fn (Inputs $c): string => $c->word('id'), $in->each($list))) as $id => $count) {
                if ($count > 1) {
                    throw ImpossiblePack::twice((string) $id);
                }
            }
        }
        $carriers = new Carriers(
            array_map(static fn (Inputs $p): float => $p->number('limit_kg'), $in->each('people')), (int) $in->number('hands'), $in->flag('pairs'),
        );
        $rounds = $carriers->rounds($kg);

        return [
            'loads_feasible' => $rounds !== null, 'rounds' => $rounds,
            'minutes' => $rounds === null ? null : Carriers::minutes($rounds, $in->number('distance_m'), $in->number('speed_m_per_min')),
        ];
    }
}
