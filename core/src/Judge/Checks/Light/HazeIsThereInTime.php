<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Light;

use FineFrame\Judge\HazePlan;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Light\Haze;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Plan\Edit;

/** Haze builds up and leaks away: it is as dense as wanted when is recorded, or it is switched on too late, or the room is too leaky. */
final class HazeIsThereInTime extends Rule
{
    public function id(): string
    {
        return 'haze-is-there-in-time';
    }

    public function stage(): Stage
    {
        return Stage::Light;
    }

    public function run(Situation $situation): iterable
    {
        $plan = HazePlan::of($situation);
        if ($plan === null) {
            return;
        }
        $late = $plan->lateMin();
        $case = match (true) {
            $plan->fillMin === null => 'never',
            $late === null => 'open',
            $late > 0.5 => 'late',
            default => 'holds',
        };
        $top = $plan->topUp();
        $minutes = static fn (?float $m): string => $m === null ? 'never' : max(1, (int) round($m)).' min';
        yield $this->finding(
            $case === 'never' || $case === 'late' ? Severity::Watch : Severity::Holds,
            [
                'from' => $plan->from,
                'ready' => $plan->ready(),
                'fill' => $minutes($plan->fillMin),
                'late' => $minutes($late),
                'every' => $minutes($top[0] ?? null),
                'for' => $minutes($top[1] ?? null),
                'clears' => $minutes($plan->clearsMin()),
                'keeps' => Quantity::share($plan->keeps),
                'most' => Quantity::share(Haze::keeps($plan->haze->most(), $plan->distanceM)),
            ],
            [$plan->hazer],
            new Working(
                'dC/dt = S/V − n·C; the wall keeps e^(−k·C·d), k 3 m²/g',
                [
                    'V' => Quantity::of($situation->place()->sound()->volumeM3, Unit::CubicMetre),
                    'd' => Quantity::metres($plan->distanceM),
                    'C wanted, mg/m³' => Quantity::of(1000 * $plan->wanted, Unit::Count),
                    'C at most, mg/m³' => Quantity::of(is_finite($plan->haze->most()) ? 1000 * $plan->haze->most() : null, Unit::Count),
                ],
                'air well mixed; who runs the building and its alarms decides on haze at all',
            ),
            $case === 'late' ? [new Mend(
                'start-haze',
                ['from' => $plan->latest()],
                new Edit(["/setups/{$situation->setup->setup->id}/hazers/$plan->hazer/from" => $plan->latest()]),
            )] : [],
            $case,
        );
    }
}
