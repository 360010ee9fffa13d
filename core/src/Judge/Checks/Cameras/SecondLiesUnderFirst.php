<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Cameras;

use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Scene\Stack;

/** A second lens right under the first and its prompter: clear of both frames, and not so low that it looks up at the face. */
final class SecondLiesUnderFirst extends Rule
{
    public function id(): string
    {
        return 'second-lies-under-first';
    }

    public function stage(): Stage
    {
        return Stage::Cameras;
    }

    public function run(Situation $situation): iterable
    {
        $stack = Stack::of($situation->scene);
        if ($stack === null) {
            return;
        }
        $up = rad2deg($stack->upRad);
        $limit = $situation->limits->get('look_up_deg');
        $case = match (true) {
            $stack->highestM === null => 'no-place',
            ! $stack->isClear => 'meets',
            $up > $limit => null,
            default => 'holds',
        };
        $height = $stack->highestM ?? 0.0;
        yield $this->finding(
            match ($case) {
                'no-place', 'meets' => Severity::Breaks,
                null => Severity::Watch,
                default => Severity::Holds,
            },
            [
                'a' => $stack->upper->placement->label,
                'b' => $stack->lower->placement->label,
                'highest' => Quantity::metres($height),
                'lowest' => Quantity::metres($stack->lowestUpperM ?? 0.0),
                'up' => Quantity::degrees($up),
                'limit' => Quantity::degrees($limit),
            ],
            [$stack->upper->placement->id, $stack->lower->placement->id],
            new Working('highest B = the height at which A’s frame and B’s are both just clear of the other', [
                'B stands at' => Quantity::metres($stack->lower->placement->heightM),
                'highest B' => $stack->highestM === null ? 'none' : Quantity::metres($height),
                'lowest A over this B' => $stack->lowestUpperM === null ? 'none' : Quantity::metres($stack->lowestUpperM),
                'up-angle' => Quantity::degrees($up),
            ], 'solved with the bodies, hood and frames as they are drawn'),
            $stack->highestM === null
                ? []
                : [
                    new Mend(
                        $stack->isClear ? 'raise' : 'lower',
                        [
                            'thing' => $stack->lower->placement->label,
                            'distance' => Quantity::metres(abs($height - $stack->lower->placement->heightM)),
                        ],
                        $situation->edit("cameras/{$stack->lower->placement->id}", ['height_m' => $height - 0.005]),
                    ),
                ],
            $case,
        );
    }
}
