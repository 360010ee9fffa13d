<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Pack;

use FineFrame\Judge\PackItem;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;

/** Everything that the day needs goes into the cases that there are. */
final class ThingsFitTheCases extends Rule
{
    public function id(): string
    {
        return 'things-fit-the-cases';
    }

    public function stage(): Stage
    {
        return Stage::Pack;
    }

    public function run(Situation $situation): iterable
    {
        $pack = $situation->pack();
        $boxes = count($pack->list->boxes());
        if ($boxes === 0) {
            return;
        }
        $case = match (true) {
            $pack->cases === [] => 'unlisted',
            $pack->packing()->left !== [] => 'left',
            default => 'holds',
        };
        $usual = count(array_filter($pack->list->items, static fn (PackItem $i): bool => ! $i->isSized));
        yield $this->finding(
            match ($case) {
                'holds' => Severity::Holds,
                'unlisted' => Severity::Watch,
                default => Severity::Breaks,
            },
            [
                'things' => (string) $boxes,
                'cases' => (string) ($case === 'unlisted' ? 0 : count($pack->packing()->cases)),
                'left' => $case === 'left' ? implode(', ', $pack->left()) : '',
            ],
            [],
            new Working('each thing by the box around it, the large first, nothing on what is fragile', [
                'things' => (string) $boxes, 'with sizes as usual' => (string) $usual,
            ]),
            case: $case,
        );
    }
}
