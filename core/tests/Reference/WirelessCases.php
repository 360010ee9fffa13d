<?php

declare(strict_types=1);

namespace FineFrame\Tests\Reference;

use FineFrame\Sound\Coordination;
use FineFrame\Sound\Guards;
use FineFrame\Sound\Intermodulation;

final readonly class WirelessCases implements Topic
{
    public function answer(string $kind, array $inputs): ?array
    {
        $in = new Inputs($inputs);

        return match ($kind) {
            'products' => array_map(
                static fn (array $list): array => array_column($list, 0),
                Intermodulation::products(self::carriers($in)),
            ),
            'check' => self::check($in),
            'max_small' => self::most(
                $in,
                [
                    [
                        (int) $in->number('grid_first_khz'),
                        (int) ($in->number('grid_first_khz') + ($in->number('grid_count') - 1) * $in->number('grid_step_khz')),
                    ],
                ],
                'maximum',
                'example_khz',
            ),
            'witness' => self::most(
                $in,
                array_map(static fn (array $r): array => [self::whole($r[0] ?? 0), self::whole($r[1] ?? 0)], $in->lists('grid_ranges_khz')),
                'at_least',
                'witness_khz',
            ),
            default => null,
        };
    }

    /** @return array<string, mixed> */
    private static function check(Inputs $in): array
    {
        $conflicts = Intermodulation::conflicts(self::carriers($in), self::guards($in));

        $counts = array_count_values(array_column($conflicts, 'type'));

        // None by type is an empty object, not an empty list.
        return [
            'compatible' => $conflicts === [],
            'conflict_count_by_type' => $counts === [] ? new \stdClass : $counts,
            'conflicts' => $conflicts,
        ];
    }

    /**
     * @param  list<array{int, int}>  $ranges
     * @return array<string, mixed>
     */
    private static function most(Inputs $in, array $ranges, string $size, string $set): array
    {
        $found = (new Coordination($ranges, (int) $in->number('grid_step_khz'), self::guards($in)))->solve(seconds: 0.8)['carriers'];

        return [$size => count($found), $set => $found, 'compatible' => Intermodulation::conflicts($found, self::guards($in)) === []];
    }

    /** @return list<int> */
    private static function carriers(Inputs $in): array
    {
        return array_map(intval(...), $in->numbers('carriers_khz'));
    }

    private static function guards(Inputs $in): Guards
    {
        $g = $in->map('guards_khz');

        return new Guards(
            (int) $g->number('min_spacing'),
            (int) $g->number('im3_2tx'),
            (int) $g->number('im3_3tx'),
            (int) $g->number('im5_2tx'),
        );
    }

    private static function whole(mixed $value): int
    {
        return is_numeric($value) ? (int) $value : 0;
    }
}
