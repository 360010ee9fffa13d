<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Stage;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;

/** Clothes and set keep to the few colours that were agreed on. */
final class ColoursKeepToThePalette extends Rule
{
    public function id(): string
    {
        return 'colours-keep-to-the-palette';
    }

    public function stage(): Stage
    {
        return Stage::Stage;
    }

    public function run(Situation $situation): iterable
    {
        $colours = $situation->colours();
        $limit = $situation->limits->get('palette_watch_de');
        foreach ($colours->sampled() as $id => $sample) {
            $nearest = $colours->nearest($sample['colour']);
            if ($nearest === null) {
                continue;
            }
            [$name, $off] = $nearest;
            yield $this->finding(
                $off > $limit ? Severity::Watch : Severity::Holds,
                ['thing' => $sample['name'], 'nearest' => $name, 'off' => Quantity::of($off, Unit::Count)],
                array_values(array_filter([$sample['on'], $id])),
                new Working(
                    'CIEDE2000 between the sample and the nearest colour agreed on',
                    ['off' => Quantity::of($off, Unit::Count), 'may be off' => Quantity::of($limit, Unit::Count)],
                    'about 1 is just seen, 10 at a glance',
                ),
            );
        }
    }
}
