<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Sound;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Sound\Bands;

/** A link that is set outside the bands that are usual in a region may not be switched on there. */
final class BandsAreUsual extends Rule
{
    public function id(): string
    {
        return 'bands-are-usual';
    }

    public function stage(): Stage
    {
        return Stage::Sound;
    }

    public function run(Situation $situation): iterable
    {
        $region = $situation->setup->plan->brief->facts->text('region');
        $links = array_values(
            array_filter($situation->setup->setup->list('links'), static fn ($l): bool => $l->number('set_mhz') !== null),
        );
        if ($links === [] || ! in_array($region, Bands::regions(), true)) {
            return;
        }
        $clear = true;
        foreach ($links as $link) {
            if (Bands::at($region, $link->number('set_mhz') ?? 0.0) === null) {
                $clear = false;
                yield $this->finding(
                    Severity::Breaks,
                    ['link' => $link->text('name'), 'set' => number_format($link->number('set_mhz') ?? 0.0, 3).' MHz', 'region' => $region],
                    [$link->id],
                    new Working(
                        'against our bands of 2025',
                        ['region' => $region],
                        'not a licence to transmit: check with the regulator',
                    ),
                );
            }
        }
        if ($clear) {
            $first = Bands::at($region, $links[0]->number('set_mhz') ?? 0.0) ?? '';
            yield $this->finding(
                Severity::Holds,
                ['count' => (string) count($links), 'region' => $region, 'what' => $first],
                ['links'],
                new Working('against our bands of 2025', ['region' => $region], 'not a licence to transmit: check with the regulator'),
            );
        }
    }
}
