<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rig;

use FineFrame\Judge\Extensions;
use FineFrame\Judge\MainsRun;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;

/** Every lamp is reached from its outlet by the extensions that are carried, so that outlets do not decide where lamps go. */
final class MainsCablesAreCarried extends Rule
{
    public function id(): string
    {
        return 'mains-cables-are-carried';
    }

    public function stage(): Stage
    {
        return Stage::Rig;
    }

    public function run(Situation $situation): iterable
    {
        $runs = $situation->mains();
        if ($runs === []) {
            return;
        }
        $extensions = Extensions::of($situation);
        $total = array_sum(array_map(static fn (MainsRun $r): float => $r->lengthM, $runs));
        $working = new Working('pieces of those carried, joined three times at most; least left over, then fewest', [
            'as laid, all runs' => Quantity::metres($total),
            'lamps on cables' => Quantity::of(count($runs), Unit::Count),
        ]);
        foreach ($extensions->isListed ? $extensions->short : [] as $run) {
            yield $this->finding(
                Severity::Breaks,
                [
                    'thing' => $situation->name($run->thing),
                    'outlet' => $situation->name($run->outlet),
                    'length' => Quantity::metres($run->lengthM),
                ],
                [$run->thing],
                $working,
            );
        }
        if (! $extensions->isListed || $extensions->short === []) {
            yield $this->finding(
                $extensions->isListed ? Severity::Holds : Severity::Watch,
                [
                    'count' => Quantity::of(count(array_merge([], ...array_values($extensions->by))), Unit::Count),
                    'total' => Quantity::metres($total),
                    'longest' => Quantity::metres(max(array_map(static fn (MainsRun $r): float => $r->lengthM, $runs))),
                ],
                [],
                $working,
                case: $extensions->isListed ? null : 'unlisted',
            );
        }
    }
}
