<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rundown;

use FineFrame\Document\Record;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;

/** Where something is cut out of an answer, a second frame or another picture lies over the cut. */
final class CutsCanBeHidden extends Rule
{
    public function id(): string
    {
        return 'cuts-can-be-hidden';
    }

    public function stage(): Stage
    {
        return Stage::Rundown;
    }

    public function run(Situation $situation): iterable
    {
        $setup = $situation->setup;
        $people = $setup->subjects();
        if (! $setup->isTalk() || $people === [] || $setup->cameras === []) {
            return;
        }
        $pictures = array_filter($setup->plan->brief->list('topics'), static fn (Record $t): bool => $t->text('picture') !== '');
        foreach ($people as $person) {
            $on = $situation->coverage()->seenBy($person->id);
            $case = match (true) {
                count($on) > 1 => 'holds',
                $pictures !== [] => 'pictures',
                default => 'fails',
            };
            yield $this->finding(
                $case === 'fails' ? Severity::Watch : Severity::Holds,
                ['who' => $person->name, 'cameras' => (string) count($on), 'pictures' => (string) count($pictures)],
                [$person->id],
                new Working('cameras that see the face, and topics with a picture to lay over', ['cameras' => (string) count($on)]),
                case: $case,
            );
        }
    }
}
