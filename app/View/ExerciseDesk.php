<?php

declare(strict_types=1);

namespace App\View;

use App\Models\ExerciseRun;
use App\Models\Shoot;
use App\Practice\Exercises;
use FineFrame\Judge\Exercise;
use FineFrame\Judge\Judge;
use FineFrame\Judge\Outcome;
use FineFrame\Plan\ShootPlan;

/** An exercise beside its plan: what is told and asked, and once it is answered how it went. */
final class ExerciseDesk
{
    private ?Outcome $outcome = null;

    private function __construct(
        public readonly Exercise $exercise,
        public readonly ?ExerciseRun $run,
        private readonly ShootPlan $plan,
        private readonly Judge $judge,
    ) {
    }

    /** Null where a shoot is none. */
    public static function of(Shoot $shoot, ShootPlan $plan, Judge $judge): ?self
    {
        $exercise = $shoot->exercise === '' ? null : Exercises::shipped()->find($shoot->exercise);

        return $exercise === null
            ? null
            : new self($exercise, ExerciseRun::query()->where('shoot_id', $shoot->id)->latest('id')->first(), $plan, $judge);
    }

    public function isAnswered(): bool
    {
        return $this->run !== null;
    }

    /** How it stands now: the plan may be gone on with after the answer. */
    public function outcome(): Outcome
    {
        return $this->outcome ??= $this->exercise->outcome($this->run->named ?? '', $this->plan, $this->judge);
    }

    /** How long it took, in minutes and seconds. */
    public function took(): string
    {
        $seconds = $this->run->seconds ?? 0;

        return sprintf('%d:%02d', intdiv($seconds, 60), $seconds % 60);
    }
}
