<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Stage;

use FineFrame\Geometry\Vec2;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Light\LightPlacement;
use FineFrame\Measure\Quantity;
use FineFrame\Plan\Leg;
use FineFrame\Sound\BoomPlacement;

/** Whoever walks finds their way free: no furniture, no legs of stands, and the floor goes on. */
final class WalkIsFree extends Rule
{
    /** Half of what a person takes of the floor, metres. */
    private const SHOULDERS_M = 0.25;

    /** What hangs higher is walked under, metres. */
    private const OVERHEAD_M = 1.9;

    private const STEP_M = 0.02;

    /** They stop so far before what they would meet, metres. */
    private const HAND_M = 0.1;

    public function id(): string
    {
        return 'walk-is-free';
    }

    public function stage(): Stage
    {
        return Stage::Stage;
    }

    public function run(Situation $situation): iterable
    {
        foreach (Leg::allOf($situation->setup) as $leg) {
            yield $this->walked($situation, $leg);
        }
    }

    private function walked(Situation $situation, Leg $leg): Finding
    {
        $met = null;
        for ($way = 0.0; $met === null && $way <= $leg->lengthM(); $way += self::STEP_M) {
            $met = $this->met($situation, $leg, $way);
        }
        [$what, $after, $id] = $met ?? ['', $leg->lengthM(), null];
        $stop = round($after - self::HAND_M, 2);

        return $this->finding(
            $met === null ? Severity::Holds : Severity::Breaks,
            ['subject' => $leg->body->person->name, 'thing' => $what, 'after' => Quantity::metres($after)],
            array_values(array_filter([$leg->body->person->id, $leg->id, $id])),
            new Working(
                'half a person’s width on each side of the way',
                ['way' => Quantity::metres($leg->lengthM()), 'free for' => Quantity::metres($after)],
                'the seat they leave is not in their way',
            ),
            fn (): array => $stop <= 0.0 ? [] : [
                new Mend(
                    'stop-short',
                    ['subject' => $leg->body->person->name, 'distance' => Quantity::metres($stop)],
                    $situation->edit("walks/$leg->id", [
                        'to_x_m' => round($leg->at($stop / $leg->lengthM())->x, 3),
                        'to_y_m' => round($leg->at($stop / $leg->lengthM())->y, 3),
                    ]),
                ),
            ],
        );
    }

    /** @return array{string, float, string|null}|null what is met after so much of the way */
    private function met(Situation $situation, Leg $leg, float $way): ?array
    {
        $feet = $leg->at($way / max(self::STEP_M, $leg->lengthM()));
        $room = $situation->setup->room;
        if (! $room->contains($feet) || $room->wallDistanceTo($feet) < self::SHOULDERS_M / 2) {
            return ['the wall', $way, null];
        }
        foreach ($situation->scene->obstacles() as $thing) {
            $isThere = $thing->baseM < self::OVERHEAD_M && ! $thing->carriesStands;
            if ($isThere && $this->isMet($leg, $thing->footprint->distanceTo(...), $feet, 0.0)) {
                return [$thing->name, $way, $thing->id];
            }
        }
        foreach ($situation->footprints() as $print) {
            $isOwn = in_array($print->owner, $this->along($situation, $leg), true) || ! $print->takesFloor();
            if (! $isOwn && $this->isMet($leg, $print->centre->distanceTo(...), $feet, $print->radiusM)) {
                return [$situation->name($print->owner), $way, $print->owner];
            }
        }

        return null;
    }

    /** @return list<string> who walks, and what goes along: lamps that are carried, and a boom that somebody holds */
    private function along(Situation $situation, Leg $leg): array
    {
        $who = $leg->body->person->id;
        $setup = $situation->setup->setup;
        $lamps = array_filter($setup->lights, static fn (LightPlacement $l): bool => $l->carried && $l->subject === $who);
        $booms = array_filter($setup->booms, static fn (BoomPlacement $b): bool => $b->subject === $who && $situation->setup->isHeld($b));

        return [$who, ...array_column([...$lamps, ...$booms], 'id')];
    }

    /**
     * What they sit at, or stand beside to begin with, they step away from.
     *
     * @param  \Closure(Vec2): float  $distance
     */
    private function isMet(Leg $leg, \Closure $distance, Vec2 $feet, float $radiusM): bool
    {
        $there = $distance($feet);

        return $there < self::SHOULDERS_M + $radiusM && $there < $distance($leg->from) - self::STEP_M / 2;
    }
}
