<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Pack;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;

/** By train everything goes at once: two pieces for each, none too heavy. */
final class CasesGoByHand extends Rule
{
    public function id(): string
    {
        return 'cases-go-by-hand';
    }

    public function stage(): Stage
    {
        return Stage::Pack;
    }

    public function run(Situation $situation): iterable
    {
        $pack = $situation->pack();
        if ($situation->setup->plan->brief->facts->text('travel') !== 'by train' || $pack->cases === [] || $pack->packing()->cases === []) {
            return;
        }
        $hands = count($pack->limits());
        $carried = $pack->carried();
        yield $this->finding(
            ($carried[0] ?? 2) === 1 ? Severity::Holds : Severity::Breaks,
            ['cases' => (string) count($pack->packing()->cases), 'hands' => (string) $hands],
            [$situation->setup->setup->id],
            new Working('everything in one round', ['rounds' => $carried === null ? 'none' : (string) $carried[0]]),
        );
    }
}
