<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rig;

use FineFrame\Grip\Balance;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Mounted;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Plan\Edit;

/** What hangs on an arm off its legs turns the stand over about the edge between two feet, unless ballast holds it. */
final class StandDoesNotTip extends Rule
{
    public function id(): string
    {
        return 'stand-does-not-tip';
    }

    public function stage(): Stage
    {
        return Stage::Rig;
    }

    public function run(Situation $situation): iterable
    {
        foreach (Mounted::withPoles($situation) as $load) {
            if ($load->kg !== null && $load->on->kg !== null && $load->offsetM > 0.0) {
                yield $this->judged($situation, $load, $load->kg, $load->on->kg);
            }
        }
    }

    private function judged(Situation $situation, Mounted $load, float $kg, float $standKg): Finding
    {
        $safety = $situation->limits->get('tip_safety');
        $balance = Balance::of($load->on->legRadiusM, $kg, $load->offsetM, $standKg, $load->ballastKg);
        $times = $balance->safety();
        $needed = Balance::ballastKg($load->on->legRadiusM, $kg, $load->offsetM, $standKg, $safety);
        $bags = (int) ceil($needed / Balance::BAG_KG - 1e-9);
        $case = match (true) {
            $balance->tips() => 'tips',
            $times !== null && $times < $safety => 'near',
            default => 'holds',
        };

        return $this->finding(
            match ($case) {
                'tips' => Severity::Breaks,
                'near' => Severity::Watch,
                default => Severity::Holds,
            },
            [
                'thing' => $situation->name($load->id),
                'arm' => Quantity::metres($load->offsetM),
                'times' => $times === null ? 'many' : number_format($times, 1),
                'safety' => Quantity::ratio($safety),
                'ballast' => Quantity::of($needed, Unit::Kilogram),
                'bags' => $bags === 1 ? '1 bag' : "$bags bags",
            ],
            [$load->id],
            new Working('(stand + ballast) · g · r/2 against load · g · (arm − r/2), midway between two legs, the worst way', [
                'load' => Quantity::of($kg, Unit::Kilogram),
                'arm' => Quantity::metres($load->offsetM),
                'stand' => Quantity::of($standKg, Unit::Kilogram),
                'ballast' => Quantity::of($load->ballastKg, Unit::Kilogram),
                'feet' => Quantity::metres($load->on->legRadiusM),
            ], 'on hard level ground; a leg under the arm is better than between two'),
            $case === 'holds' ? [] : [new Mend(
                'ballast',
                ['thing' => $situation->name($load->id), 'kg' => Quantity::of($bags * Balance::BAG_KG, Unit::Kilogram)],
                new Edit(["/setups/{$situation->setup->setup->id}/ballast/-" => [
                    'id' => "ballast-$load->id-".(count($situation->setup->setup->list('ballast')) + 1),
                    'thing' => $load->id,
                    'kg' => $bags * Balance::BAG_KG - $load->ballastKg,
                ]]),
            )],
            $case,
        );
    }
}
