<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Pack;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;

/** By air, lithium packs over 100 Wh want the airline’s leave, over 160 Wh none goes; all in the cabin, contacts covered. */
final class BatteriesMayTravel extends Rule
{
    private const ASK_WH = 100.0;

    private const NEVER_WH = 160.0;

    public function id(): string
    {
        return 'batteries-may-travel';
    }

    public function stage(): Stage
    {
        return Stage::Pack;
    }

    public function run(Situation $situation): iterable
    {
        if ($situation->setup->plan->brief->facts->text('travel') !== 'by air') {
            return;
        }
        foreach ($situation->pack()->list->items as $id => $item) {
            $wh = $situation->setup->plan->kit->packs[$id]->wh ?? null;
            if ($wh === null) {
                continue;
            }
            $case = match (true) {
                $wh > self::NEVER_WH => 'fails',
                $wh > self::ASK_WH => 'ask',
                default => 'holds',
            };
            yield $this->finding(
                match ($case) {
                    'holds' => Severity::Holds,
                    'ask' => Severity::Watch,
                    default => Severity::Breaks,
                },
                ['pack' => $item->name, 'wh' => round($wh).' Wh', 'count' => (string) $item->count()],
                [(string) $id],
                new Working('watt-hours of each', [
                    'ask above' => '100 Wh', 'none above' => '160 Wh',
                ], 'ICAO Technical Instructions, usual terms of airlines'),
                case: $case,
            );
        }
    }
}
