<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rig;

use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;

/** A recorder or a mixer on a breaker with dimmed lamps hums: each has its own, or sound runs on batteries. */
final class SoundKeepsOffTheDimmers extends Rule
{
    public function id(): string
    {
        return 'sound-keeps-off-the-dimmers';
    }

    public function stage(): Stage
    {
        return Stage::Rig;
    }

    public function run(Situation $situation): iterable
    {
        $power = $situation->power();
        foreach (array_keys($power->breakers) as $circuit) {
            foreach ($power->clashes($circuit) as [$one, $other]) {
                $sound = $power->loads[$one]->class === 'sound' ? $one : $other;
                $mends = array_map(static fn (string $to): Mend => new Mend(
                    'plug-into',
                    ['thing' => $power->names[$sound], 'circuit' => $power->names[$to]],
                    $power->plugged([$sound => $to] + $power->on),
                ), array_values(array_diff(array_keys($power->breakers), [$circuit])));
                yield $this->finding(
                    Severity::Watch,
                    [
                        'sound' => $power->names[$sound],
                        'dimmed' => $power->names[$sound === $one ? $other : $one],
                        'circuit' => $power->names[$circuit],
                    ],
                    [$sound, $circuit],
                    new Working('kinds of loads on one breaker', []),
                    $mends,
                );
            }
        }
    }
}
