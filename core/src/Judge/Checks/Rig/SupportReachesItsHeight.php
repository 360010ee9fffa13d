<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rig;

use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;

/** Tripods and stands hold their load only within the heights they have. */
final class SupportReachesItsHeight extends Rule
{
    public function id(): string
    {
        return 'support-reaches-its-height';
    }

    public function stage(): Stage
    {
        return Stage::Rig;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->footprints() as $print) {
            // A clamp is as high as what it bites.
            if ($print->support === null || ! $print->takesFloor()) {
                continue;
            }
            [$low, $high, $height] = [
                $print->floorM + $print->support->lowestM,
                $print->floorM + $print->support->highestM,
                $print->load->z,
            ];
            $to = max($low, min($high, $height));
            $field = str_starts_with($print->path, 'microphones') ? 'stand_height_m' : 'height_m';
            $name = $situation->name($print->owner);
            yield $this->finding(
                abs($to - $height) > 0.005 ? Severity::Breaks : Severity::Holds,
                [
                    'thing' => $name,
                    'support' => $print->support->name,
                    'height' => Quantity::metres($height),
                    'lowest' => Quantity::metres($low),
                    'highest' => Quantity::metres($high),
                ],
                [$print->owner],
                new Working(
                    'lowest ≤ height ≤ highest',
                    ['height' => Quantity::metres($height), 'lowest' => Quantity::metres($low), 'highest' => Quantity::metres($high)],
                    'the support’s data',
                ),
                [
                    new Mend(
                        $to < $height ? 'lower' : 'raise',
                        ['thing' => $name, 'distance' => Quantity::metres(abs($to - $height))],
                        $situation->edit($print->path, [$field => $to]),
                    ),
                ],
            );
        }
    }
}
