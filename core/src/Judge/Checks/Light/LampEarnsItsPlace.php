<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Light;

use FineFrame\Judge\LampWork;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;

/** Each lamp off in turn: one that changes nothing on any face, hair or background stays in its case. */
final class LampEarnsItsPlace extends Rule
{
    private const NOTHING = 0.04;

    public function id(): string
    {
        return 'lamp-earns-its-place';
    }

    public function stage(): Stage
    {
        return Stage::Light;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->scene->lamps as $id => $lamp) {
            if (! $lamp->placement->on || $lamp->placement->practical) {
                continue;
            }
            $most = LampWork::largestShare($situation, $id);
            yield $this->finding(
                $most < self::NOTHING ? Severity::Watch : Severity::Holds,
                ['lamp' => $situation->name($id), 'share' => Quantity::share($most)],
                [$id],
                new Working(
                    'its largest share of the light on a face, straight or by walls and ceiling, on hair, or behind a head',
                    ['largest share' => Quantity::share($most)],
                ),
                [new Mend('switch-off', ['thing' => $situation->name($id)], $situation->edit("lights/$id", ['on' => false]))],
            );
        }
    }
}
