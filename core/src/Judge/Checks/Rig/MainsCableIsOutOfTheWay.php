<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rig;

use FineFrame\Judge\Extensions;
use FineFrame\Judge\Finding;
use FineFrame\Judge\MainsRun;
use FineFrame\Judge\Mend;
use FineFrame\Judge\PowerPlan;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;

/** A mains cable goes around and over, not across the way that people take to a door; what arrives at its end is still mains. */
final class MainsCableIsOutOfTheWay extends Rule
{
    /** More lost on the way than this is too thin a lead, or too long. */
    private const LOST = 0.05;

    public function id(): string
    {
        return 'mains-cable-is-out-of-the-way';
    }

    public function stage(): Stage
    {
        return Stage::Rig;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->mains() as $run) {
            yield $this->judged($situation, $situation->power(), $run);
        }
    }

    private function judged(Situation $situation, PowerPlan $power, MainsRun $run): Finding
    {
        $doors = array_column($situation->setup->room->openings, null, 'id');
        $out = array_values(array_filter($run->crossed, static fn (string $id): bool => $doors[$id]->wayOut));
        $case = match (true) {
            $out !== [] => 'way-out',
            $run->crossed !== [] => 'crosses',
            $run->dropShare > self::LOST => 'thin',
            $run->over !== [] => 'over',
            default => 'holds',
        };

        return $this->finding(
            match ($case) {
                'way-out', 'thin' => Severity::Watch,
                default => Severity::Holds,
            },
            [
                'thing' => $situation->name($run->thing),
                'outlet' => $situation->name($run->outlet),
                'length' => Quantity::metres($run->lengthM),
                'door' => implode(', ', array_map($situation->name(...), $case === 'over' ? $run->over : ($out ?: $run->crossed))),
                'lost' => Quantity::share($run->dropShare),
            ],
            [$run->thing],
            new Working('the shortest way over the floor by corners that see each other; a way to a door counts as some metres more', [
                'length, a tenth of slack' => Quantity::metres($run->lengthM),
                'lost' => Quantity::of($run->dropV, Unit::Volt),
                'lead' => Extensions::thinnestMm2($situation).' mm², the thinnest carried',
            ], 'ways out stay clear: the venue and its fire rules decide'),
            $case === 'way-out' ? fn (): array => $this->elsewhere($power, $run->thing) : [],
            $case,
        );
    }

    /** @return list<Mend> the same lamp on another circuit, whose outlet may lie on the near side */
    private function elsewhere(PowerPlan $power, string $thing): array
    {
        return array_map(static fn (string $circuit): Mend => new Mend(
            'plug-into',
            ['thing' => $power->names[$thing], 'circuit' => $power->names[$circuit]],
            $power->plugged([$thing => $circuit] + $power->on),
        ), array_values(array_diff(array_keys($power->breakers), [$power->on[$thing]])));
    }
}
