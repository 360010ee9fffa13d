<?php

declare(strict_types=1);

namespace App\View;

use FineFrame\Judge\RadioPlan;
use FineFrame\Judge\Situation;
use FineFrame\Sound\Intermodulation;

/** The wireless links as a spectrum. */
final readonly class RadioDesk
{
    public const WIDTH = 720.0;

    /** A block is drawn whole while the carriers take up at least this share of it; else what is set fills the chart. */
    private const FILLED = 0.2;

    /** Free air drawn beside the outermost carriers, at least. */
    private const BESIDE_KHZ = 1_000;

    private RadioPlan $plan;

    public function __construct(Situation $situation)
    {
        $this->plan = new RadioPlan($situation->setup);
    }

    /**
     * @return array{from: string, to: string, carriers: list<array{x: float, name: string, mhz: string, hit: bool}>, products: list<float>, occupied: list<array{x: float, width: float, name: string}>}|null
     *     null with nothing set
     */
    public function spectrum(): ?array
    {
        $carriers = array_values($this->plan->carriers());
        if ($carriers === []) {
            return null;
        }
        $span = max($carriers) - min($carriers);
        $margin = max(self::BESIDE_KHZ, (int) (0.08 * $span));
        [$from, $to] = [min($carriers) - $margin, max($carriers) + $margin];
        foreach ($this->plan->links as $link) {
            $block = [(int) (1000 * ($link->number('from_mhz') ?? 0.0)), (int) (1000 * ($link->number('to_mhz') ?? 0.0))];
            if (
                $block[0] > 0
                && $block[0] <= min($carriers)
                && $block[1] >= max($carriers)
                && $span >= self::FILLED * ($block[1] - $block[0])
            ) {
                [$from, $to] = [min($from, $block[0]), max($to, $block[1])];
            }
        }
        $x = static fn (int $khz): float => round(self::WIDTH * ($khz - $from) / ($to - $from), 1);
        $hit = array_keys($this->plan->hits());
        $products = Intermodulation::products($carriers);
        $seen = array_unique(
            array_filter(
                array_column([...$products['im3_2tx'], ...(count($carriers) > 14 ? [] : $products['im3_3tx'])], 0),
                static fn (int $p): bool => $p > $from && $p < $to,
            ),
        );

        return [
            'from' => number_format($from / 1000, 1), 'to' => number_format($to / 1000, 1),
            'carriers' => array_map(
                fn (int $c): array => [
                    'x' => $x($c),
                    'name' => $this->plan->name($c),
                    'mhz' => number_format($c / 1000, 3).' MHz',
                    'hit' => in_array($c, $hit, true),
                ],
                $carriers,
            ),
            'products' => array_values(array_map($x, $seen)),
            'occupied' => array_map(
                static fn (array $o): array => [
                    'x' => max(0.0, $x($o[0])),
                    'width' => max(1.0, min(self::WIDTH, $x($o[1])) - max(0.0, $x($o[0]))),
                    'name' => $o[2],
                ],
                array_values(array_filter($this->plan->occupied(), static fn (array $o): bool => $o[1] > $from && $o[0] < $to)),
            ),
        ];
    }
}
