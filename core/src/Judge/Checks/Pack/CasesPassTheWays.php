<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Pack;

use FineFrame\Document\Record;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;

/** Every packed case goes through the narrowest door on the way in. */
final class CasesPassTheWays extends Rule
{
    /** Walls and handles. Ours. */
    private const WALLS_M = 0.05;

    public function id(): string
    {
        return 'cases-pass-the-ways';
    }

    public function stage(): Stage
    {
        return Stage::Pack;
    }

    public function run(Situation $situation): iterable
    {
        $pack = $situation->pack();
        $ways = array_filter($situation->setup->location->list('ways'), static fn (Record $w): bool => $w->number('width_m') !== null);
        if ($ways === [] || $pack->cases === [] || $pack->packing()->cases === []) {
            return;
        }
        usort($ways, static fn (Record $a, Record $b): int => $a->number('width_m') <=> $b->number('width_m'));
        $narrow = $ways[0]->number('width_m') ?? 0.0;
        [$widest, $name] = [0.0, ''];
        foreach (array_keys($pack->packing()->cases) as $id) {
            $sides = [$pack->cases[$id]->lengthM, $pack->cases[$id]->widthM, $pack->cases[$id]->heightM];
            sort($sides);
            // On its end it goes through by its two smaller sides.
            [$widest, $name] = $widest < $sides[1] + self::WALLS_M ? [$sides[1] + self::WALLS_M, $pack->names[$id]] : [$widest, $name];
        }
        yield $this->finding(
            $widest <= $narrow ? Severity::Holds : Severity::Breaks,
            [
                'case' => $name, 'wide' => Quantity::metres($widest), 'way' => $ways[0]->text('name') ?: $ways[0]->text('kind'),
                'narrow' => Quantity::metres($narrow),
            ],
            [$situation->setup->location->id],
            new Working('the middle side of each case with its walls against the narrowest way in', [
                'narrowest' => Quantity::metres($narrow),
            ]),
        );
    }
}
