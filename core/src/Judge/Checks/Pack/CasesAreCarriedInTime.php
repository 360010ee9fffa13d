<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Pack;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;

/** The rounds from the van take no longer than the day has for carrying in. */
final class CasesAreCarriedInTime extends Rule
{
    public function id(): string
    {
        return 'cases-are-carried-in-time';
    }

    public function stage(): Stage
    {
        return Stage::Pack;
    }

    public function run(Situation $situation): iterable
    {
        $pack = $situation->pack();
        $task = $situation->day()?->tasks["load/{$situation->setup->location->id}"] ?? null;
        $carried = $pack->cases === [] ? null : $pack->carried();
        if ($carried === null || $task === null) {
            return;
        }
        [$rounds, $minutes] = $carried;
        yield $this->finding(
            $minutes <= $task->task->minutes + 1e-9 ? Severity::Holds : Severity::Watch,
            [
                'rounds' => (string) $rounds, 'minutes' => ceil($minutes).' min', 'planned' => $task->task->minutes.' min',
                'far' => Quantity::metres($pack->carryM()), 'cases' => (string) count($pack->packing()->cases),
            ],
            [$situation->setup->location->id],
            new Working('(2 × rounds − 1) × way / 50 m a minute; two pieces each, one case between two where it is heavy', [
                'rounds' => (string) $rounds, 'way' => Quantity::metres($pack->carryM()),
            ]),
        );
    }
}
