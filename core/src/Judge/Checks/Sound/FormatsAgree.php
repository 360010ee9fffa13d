<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Sound;

use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;

/** All that records sound runs at one rate: another drifts or has to be turned into it. */
final class FormatsAgree extends Rule
{
    public function id(): string
    {
        return 'formats-agree';
    }

    public function stage(): Stage
    {
        return Stage::Sound;
    }

    public function run(Situation $situation): iterable
    {
        $wanted = $situation->setup->plan->brief->facts->number('rate_khz') ?? 48.0;
        $off = [];
        $recorders = $situation->setup->setup->list('recorders');
        $all = [...$recorders, ...$situation->setup->setup->list('feeds')];
        foreach ($all as $thing) {
            $rate = $thing->number('rate_khz') ?? $wanted;
            if (abs($rate - $wanted) > 1e-6) {
                $off[] = $thing->id;
                yield $this->finding(
                    Severity::Watch,
                    ['thing' => $thing->text('name'), 'rate' => $rate.' kHz', 'wanted' => $wanted.' kHz'],
                    [$thing->id],
                    new Working('as listed', ['rate' => "$rate kHz", 'wanted' => "$wanted kHz"]),
                    [
                        new Mend(
                            'set-rate',
                            ['thing' => $thing->text('name'), 'rate' => "$wanted kHz"],
                            $situation->edit(
                                (in_array($thing, $recorders, true) ? 'recorders/' : 'feeds/').$thing->id,
                                ['rate_khz' => $wanted],
                            ),
                        ),
                    ],
                );
            }
        }
        if ($all !== [] && $off === []) {
            yield $this->finding(
                Severity::Holds,
                ['wanted' => $wanted.' kHz', 'count' => (string) count($all)],
                ['recorders'],
                new Working('as listed', ['wanted' => "$wanted kHz"]),
            );
        }
    }
}
