<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Light;

use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Light\Mired;
use FineFrame\Light\SoftBox;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Plan\Question;
use FineFrame\Plan\School;

/** Room lamps by the school: off, on as they are, on with another globe, or tried both ways (D-18). */
final class RoomLampsAreAsChosen extends Rule
{
    public function id(): string
    {
        return 'room-lamps-are-as-chosen';
    }

    public function stage(): Stage
    {
        return Stage::Light;
    }

    public function run(Situation $situation): iterable
    {
        $school = $situation->setup->plan->brief->schools->of(Question::RoomLamps);
        $white = $situation->plannedKelvin();
        foreach (array_filter(
            $situation->scene->lamps,
            static fn (SoftBox $b): bool => $b->placement->practical && $b->placement->on,
        ) as $id => $lamp) {
            $shift = Mired::shift($white, $lamp->kelvin());
            $isOff = abs($shift) > $situation->limits->get('colour_watch_mired');
            $case = match ($school) {
                School::RoomLampsOff => 'burns',
                School::SwapGlobes => $isOff ? 'globe' : null,
                School::TryBoth => 'both',
                default => null,
            };
            yield $this->finding(
                in_array($case, ['burns', 'globe'], true) ? Severity::Watch : Severity::Holds,
                [
                    'lamp' => $situation->name($id),
                    'kelvin' => Quantity::of($lamp->kelvin(), Unit::Kelvin),
                    'white' => Quantity::of($white, Unit::Kelvin),
                    'shift' => Quantity::of($shift, Unit::Mired),
                ],
                [$id],
                new Working(
                    'as the school has it; shift = 10⁶/lamp − 10⁶/cameras',
                    ['school' => $school->word(), 'shift' => Quantity::of($shift, Unit::Mired)],
                ),
                match ($case) {
                    'burns' => [
                        new Mend('switch-off', ['thing' => $situation->name($id)], $situation->edit("lights/$id", ['on' => false])),
                    ],
                    'globe' => [
                        new Mend(
                            'set-kelvin',
                            ['thing' => $situation->name($id), 'kelvin' => Quantity::of($white, Unit::Kelvin)],
                            $situation->edit("lights/$id", ['kelvin' => $white, 'duv' => 0.0]),
                        ),
                    ],
                    default => [],
                },
                $case,
            );
        }
    }
}
