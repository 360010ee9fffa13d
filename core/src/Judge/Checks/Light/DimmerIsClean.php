<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Light;

use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;

/** A lamp dimmed below its clean range jumps, flickers or shifts its colour: rather farther away, or a cloth more. */
final class DimmerIsClean extends Rule
{
    public function id(): string
    {
        return 'dimmer-is-clean';
    }

    public function stage(): Stage
    {
        return Stage::Light;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->scene->lamps as $id => $lamp) {
            if (! $lamp->placement->on) {
                continue;
            }
            $low = $lamp->placement->dimmer < $lamp->fixture->lowestDim;
            yield $this->finding(
                $low ? Severity::Watch : Severity::Holds,
                [
                    'lamp' => $situation->name($id),
                    'dim' => Quantity::share($lamp->placement->dimmer),
                    'lowest' => Quantity::share($lamp->fixture->lowestDim),
                ],
                [$id],
                new Working(
                    'dimmer against the fixture’s lowest clean setting',
                    ['dimmer' => Quantity::share($lamp->placement->dimmer), 'lowest' => Quantity::share($lamp->fixture->lowestDim)],
                    'the maker’s data, as typed',
                ),
                [
                    new Mend(
                        'dim',
                        ['thing' => $situation->name($id), 'dim' => Quantity::share($lamp->fixture->lowestDim)],
                        $situation->edit("lights/$id", ['dimmer' => $lamp->fixture->lowestDim]),
                    ),
                ],
            );
        }
    }
}
