<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Sound;

use FineFrame\Judge\LevelPlan;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;

/**
 * Each input gets enough, and not too much: the gain that it wants, what is left over the peaks, the microphone’s own hiss and what it
 * bears.
 */
final class LevelsHaveHeadroom extends Rule
{
    public function id(): string
    {
        return 'levels-have-headroom';
    }

    public function stage(): Stage
    {
        return Stage::Sound;
    }

    private const HEADROOM_DB = 4.0;

    private const OVER_HISS_DB = 25.0;

    public function run(Situation $situation): iterable
    {
        foreach (LevelPlan::allOf($situation) as $plan) {
            $case = match (true) {
                $plan->overloadDb() < 0.0 => 'overload',
                $plan->level->gainDb < 0.0 => 'pad',
                $plan->level->gainDb > LevelPlan::MOST_GAIN_DB => 'weak',
                ! $plan->isFloat() && $plan->level->headroomDb() < self::HEADROOM_DB => 'peaks',
                $plan->overHissDb() < self::OVER_HISS_DB => 'hiss',
                default => null,
            };
            yield $this->finding(
                match (true) {
                    $case === 'overload' => Severity::Breaks,
                    $case === null => Severity::Holds,
                    default => Severity::Watch,
                },
                [
                    'source' => $plan->ear->name,
                    'voice' => $plan->voice->name,
                    'recorder' => $plan->track->text('recorder'),
                    'level' => Quantity::of($plan->meanDb, Unit::Decibel),
                    'gain' => Quantity::of($plan->level->gainDb, Unit::Decibel),
                    'headroom' => Quantity::of($plan->level->headroomDb(), Unit::Decibel),
                    'over' => Quantity::of($plan->overHissDb(), Unit::Decibel),
                    'bears' => Quantity::of($plan->ear->model->mostDb, Unit::Decibel),
                ],
                [$plan->track->id, $plan->ear->id],
                new Working('dBu = 20·log₁₀(S) + 2.2 + level − 94; gain brings the mean to −20 dBFS', [
                    'at the microphone' => Quantity::of($plan->meanDb, Unit::Decibel),
                    'it gives, dBu' => Quantity::of($plan->level->meanDbu, Unit::Decibel),
                    'gain' => Quantity::of($plan->level->gainDb, Unit::Decibel),
                    'peaks over the mean' => Quantity::of($plan->voice->crestDb, Unit::Decibel),
                ], 'average levels of voices and instruments: set gain in rehearsal'),
                case: $case,
            );
        }
    }
}
