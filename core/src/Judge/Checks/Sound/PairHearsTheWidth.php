<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Sound;

use FineFrame\Geometry\Turn;
use FineFrame\Geometry\Vec2;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Sound\StereoPair;

/** A pair spreads what lies within its recording angle from one loudspeaker to the other: narrower players huddle in the middle, wider ones pile up at the sides. */
final class PairHearsTheWidth extends Rule
{
    public function id(): string
    {
        return 'pair-hears-the-width';
    }

    public function stage(): Stage
    {
        return Stage::Sound;
    }

    private const HUDDLED = 0.4;

    public function run(Situation $situation): iterable
    {
        foreach ($situation->setup->setup->list('pairs') as $pair) {
            $model = $situation->setup->plan->kit->microphones[$pair->text('model')] ?? null;
            [$x, $y] = [$pair->number('x_m'), $pair->number('y_m')];
            $voices = array_values($situation->voices());
            if ($model === null || $x === null || $y === null || count($voices) < 2) {
                continue;
            }
            $at = new Vec2($x, $y);
            $bearings = array_map(static fn ($v): float => $v->at->floor()->minus($at)->bearing(), $voices);
            $widest = 0.0;
            foreach ($bearings as $one) {
                foreach ($bearings as $other) {
                    $widest = max($widest, abs(Turn::wrapped($one - $other)));
                }
            }
            $hears = (new StereoPair($model->pickup(), $pair->number('spacing_m') ?? 0.17, deg2rad($pair->number('angle_deg') ?? 110.0)))->recordingAngle();
            $case = $widest > $hears ? 'wide' : ($widest < self::HUDDLED * $hears ? 'narrow' : null);
            yield $this->finding(
                $case === null ? Severity::Holds : Severity::Watch,
                ['pair' => $pair->text('name') ?: 'The pair', 'width' => Quantity::degrees(rad2deg($widest)), 'angle' => Quantity::degrees(rad2deg($hears))],
                [$pair->id],
                new Working('level over 15 dB and time over 1.1 ms add to one whole shift', ['players, as the pair sees them' => Quantity::degrees(rad2deg($widest)), 'recording angle' => Quantity::degrees(rad2deg($hears))], 'a simple trade of level and time: listen'),
                case: $case,
            );
        }
    }
}
