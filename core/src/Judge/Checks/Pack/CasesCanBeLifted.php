<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Pack;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;

/** A packed case is no heavier than one lifts; up to twice that by two. */
final class CasesCanBeLifted extends Rule
{
    public function id(): string
    {
        return 'cases-can-be-lifted';
    }

    public function stage(): Stage
    {
        return Stage::Pack;
    }

    public function run(Situation $situation): iterable
    {
        $pack = $situation->pack();
        if ($pack->cases === [] || $pack->packing()->cases === []) {
            return;
        }
        $limit = $situation->limits->get('lift_kg');
        $kg = $pack->kg();
        arsort($kg);
        $heavy = array_filter($kg, static fn (float $k): bool => $k > $limit + 1e-9);
        foreach ($heavy === [] ? array_slice($kg, 0, 1, true) : $heavy as $id => $weight) {
            $hands = count($pack->limits());
            $case = match (true) {
                $weight <= $limit + 1e-9 => 'holds',
                $weight <= 2 * $limit + 1e-9 && $hands > 1 => 'pair',
                default => 'fails',
            };
            yield $this->finding(
                match ($case) {
                    'holds' => Severity::Holds,
                    'pair' => Severity::Watch,
                    default => Severity::Breaks,
                },
                [
                    'case' => $pack->names[$id],
                    'kg' => Quantity::of($weight, Unit::Kilogram),
                    'limit' => Quantity::of($limit, Unit::Kilogram),
                    'hands' => (string) $hands,
                ],
                [explode('#', $id)[0]],
                new Working('the case with what is in it, against what one lifts', ['limit' => Quantity::of($limit, Unit::Kilogram)]),
                case: $case,
            );
        }
    }
}
