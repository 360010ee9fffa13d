<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rig;

use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Power\Load;

/** Where the breakers of a place are known, each load has one: what nobody has put on a circuit lands on whichever is nearest. */
final class EveryLoadIsPluggedIn extends Rule
{
    public function id(): string
    {
        return 'every-load-is-plugged-in';
    }

    public function stage(): Stage
    {
        return Stage::Rig;
    }

    public function run(Situation $situation): iterable
    {
        $power = $situation->power();
        if ($power->breakers === [] || $power->loads === []) {
            return;
        }
        $left = $power->unplugged();
        $shared = $left === [] ? null : $power->solved(true);
        $case = match (true) {
            $left === [] => 'holds',
            $shared === null => 'none-fits',
            default => 'fails',
        };
        yield $this->finding(
            $case === 'holds' ? Severity::Holds : Severity::Watch,
            [
                'loads' => implode(', ', array_map(static fn (Load $l): string => $power->names[$l->id], $left)),
                'count' => (string) count($power->loads),
            ],
            ['plugs'],
            new Working('loads on the mains against plugs', ['loads' => (string) count($power->loads), 'open' => (string) count($left)]),
            $shared === null ? [] : [new Mend('share-out', [], $shared)],
            $case,
        );
    }
}
