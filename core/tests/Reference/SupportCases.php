<?php

declare(strict_types=1);

namespace FineFrame\Tests\Reference;

use FineFrame\Grip\Holds;
use FineFrame\Grip\Hung;
use FineFrame\Grip\Joiner;
use FineFrame\Grip\Mounting;

final class SupportCases implements Topic
{
    public function answer(string $kind, array $inputs): ?array
    {
        $in = new Inputs($inputs);
        $kind = $kind === 'refuse' ? $in->word('as_kind') : $kind;
        $isChain = $kind === 'chain';
        $things = array_map($this->thing(...), $isChain ? [$in->map('thing')] : $in->each('things'));
        $mounting = new Mounting(
            array_map($this->place(...), $isChain ? [$in->map('place')] : $in->each('places')),
            array_map($this->part(...), $in->each('parts')),
            $things,
        );

        return match ($kind) {
            'match' => ['placed' => count($mounting->matched()), 'short' => count($things) - count($mounting->matched())],
            'chain' => $this->chain($mounting),
            'place' => $this->built($mounting, count($things)),
            'short' => $this->short($mounting, $in),
            default => null,
        };
    }

    /** @return array<string, mixed> */
    private function chain(Mounting $mounting): array
    {
        $chain = array_values($mounting->built()->placed)[0] ?? null;

        return ['possible' => $chain !== null, 'fewest_parts' => $chain === null ? null : count($chain), 'chain' => $chain];
    }

    /** @return array<string, mixed> */
    private function built(Mounting $mounting, int $things): array
    {
        $built = $mounting->built();
        $placed = count($built->placed);

        return [
            'placed' => $placed,
            'short' => $things - $placed,
            'fewest_parts' => array_sum($built->parts),
            'parts' => (object) $built->parts,
        ];
    }

    /** @return array<string, mixed> */
    private function short(Mounting $mounting, Inputs $in): array
    {
        $get = $in->each('can_get');
        $named = static fn (string $key): array => array_values(array_filter(array_map(static fn (Inputs $g): string => $g->word($key), $get)));
        $extra = $mounting->short($named('kind'), $named('like_place'), (int) $in->number('most_extra'));

        return [
            'placed_now' => count($mounting->built()->placed),
            'least_extra' => $extra === null ? null : array_sum($extra),
            'extra' => $extra === null ? null : (object) $extra,
        ];
    }

    private function place(Inputs $p): Holds
    {
        $reach = $p->numbers('reach_m');

        return new Holds(
            $p->word('id'),
            $p->word('type'),
            $p->orNull('size_m'),
            $p->orNull('max_kg'),
            count($reach) === 2 ? [$reach[0], $reach[1]] : null,
        );
    }

    private function part(Inputs $p): Joiner
    {
        $span = $p->numbers('span_m');

        return new Joiner(
            $p->word('kind'),
            $p->word('sits_on'),
            $p->names('offers'),
            $p->number('kg'),
            $p->orNull('max_kg'),
            (int) $p->number('count'),
            count($span) === 2 ? [$span[0], $span[1]] : null,
        );
    }

    private function thing(Inputs $t): Hung
    {
        return new Hung($t->word('id'), $t->word('mount'), $t->number('kg'), $t->orNull('height_m'));
    }
}
