<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Cameras;

use FineFrame\Judge\Moves;
use FineFrame\Judge\Progression;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;

/** The frames planned over a talk can be had: the glass is in the kit, and it is changed in breaks, not under the speaker's eyes. */
final class TalkTightens extends Rule
{
    public function id(): string
    {
        return 'talk-tightens';
    }

    public function stage(): Stage
    {
        return Stage::Cameras;
    }

    public function run(Situation $situation): iterable
    {
        $steps = Progression::of($situation);
        if ($steps === []) {
            return;
        }
        $trouble = false;
        foreach ($steps as $step) {
            $case = match (true) {
                $step->how === 'none' => 'no-glass',
                $step->how === 'lens' && ! $step->afterBreak => 'no-break',
                $step->loosens => 'loosens',
                default => 'holds',
            };
            if ($case !== 'holds') {
                $trouble = true;
                yield $this->finding(
                    $case === 'no-glass' ? Severity::Breaks : Severity::Watch,
                    [
                        'part' => $step->name,
                        'size' => $step->size->value,
                        'camera' => $step->camera,
                        'focal' => Quantity::of($step->focalMm, Unit::Millimetre),
                    ],
                    [$step->id],
                    new Working(
                        'focal length = sensor height × distance / (size × stature)',
                        [
                            'focal length' => Quantity::of($step->focalMm, Unit::Millimetre),
                            'by' => $step->how,
                            'costs' => $step->minutes.' min',
                        ],
                    ),
                    $case === 'no-break' ? Moves::breakBefore($situation, $step->id) : [],
                    $case,
                );
            }
        }
        if (! $trouble) {
            yield $this->finding(
                Severity::Holds,
                ['count' => (string) count($steps), 'minutes' => (string) array_sum(array_column($steps, 'minutes'))],
                array_column($steps, 'id'),
                new Working('changes of glass 2 min, zooms none', []),
            );
        }
    }
}
