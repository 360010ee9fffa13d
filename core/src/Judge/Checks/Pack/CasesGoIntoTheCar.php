<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Pack;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;

/** The cases take no more room than the car has. */
final class CasesGoIntoTheCar extends Rule
{
    /** Outside and gaps over insides. Ours. */
    private const WALLS = 1.3;

    public function id(): string
    {
        return 'cases-go-into-the-car';
    }

    public function stage(): Stage
    {
        return Stage::Pack;
    }

    public function run(Situation $situation): iterable
    {
        $facts = $situation->setup->plan->brief->facts;
        $room = $facts->number('load_l');
        $pack = $situation->pack();
        if ($room === null || $facts->text('travel') !== 'by car' || $pack->cases === [] || $pack->packing()->cases === []) {
            return;
        }
        $needed = self::WALLS * $pack->litres();
        yield $this->finding(
            $needed <= $room ? Severity::Holds : Severity::Breaks,
            ['needed' => round($needed).' l', 'room' => round($room).' l', 'cases' => (string) count($pack->packing()->cases)],
            [$situation->setup->setup->id],
            new Working('insides × 1.3 for walls, lids and what does not stack', ['insides' => round($pack->litres()).' l']),
        );
    }
}
