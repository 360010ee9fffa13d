<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rig;

use FineFrame\Judge\Mounted;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;

/** What is heavy goes up by two pairs of hands; overhead, by less than that. */
final class HeavyIsLiftedByTwo extends Rule
{
    /** Over shoulders, one lifts so much of what they lift at the waist. */
    private const OVERHEAD = 0.5;

    private const SHOULDER_M = 1.4;

    public function id(): string
    {
        return 'heavy-is-lifted-by-two';
    }

    public function stage(): Stage
    {
        return Stage::Rig;
    }

    public function run(Situation $situation): iterable
    {
        $hands = $situation->setup->plan->brief->facts->number('hands') ?? 1.0;
        foreach (Mounted::allOf($situation) as $load) {
            $limit = $situation->limits->get('lift_kg') * ($load->at->z > self::SHOULDER_M ? self::OVERHEAD : 1.0);
            if ($load->kg === null || $load->kg <= $limit) {
                continue;
            }
            yield $this->finding(
                $hands < 2 ? Severity::Watch : Severity::Holds,
                [
                    'thing' => $situation->name($load->id),
                    'kg' => Quantity::of($load->kg, Unit::Kilogram),
                    'limit' => Quantity::of($limit, Unit::Kilogram),
                    'height' => Quantity::metres($load->at->z),
                ],
                [$load->id],
                new Working('the lamp with what is put to it; over shoulders half', [
                    'it weighs' => Quantity::of($load->kg, Unit::Kilogram),
                    'one lifts' => Quantity::of($limit, Unit::Kilogram),
                    'hands' => (string) (int) $hands,
                ], 'average of lifting guidance; your employer’s rules come first'),
            );
        }
    }
}
