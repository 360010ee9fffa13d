<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Sound;

use FineFrame\Judge\Mend;
use FineFrame\Judge\RadioPlan;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Plan\Edit;

/** Wireless links keep off each other, off what their carriers make of each other, and off what is on the air already. */
final class LinksLeaveEachOtherAlone extends Rule
{
    public function id(): string
    {
        return 'links-leave-each-other-alone';
    }

    public function stage(): Stage
    {
        return Stage::Sound;
    }

    public function run(Situation $situation): iterable
    {
        $plan = new RadioPlan($situation->setup);
        if ($plan->links === []) {
            return;
        }
        $carriers = $plan->carriers();
        $open = count($plan->links) - count($carriers);
        $hit = $plan->hits();
        $repaired = null;
        // Looked for when somebody asks, and once for all that are hit.
        $ideas = static function () use ($plan, &$repaired): array {
            $repaired ??= array_map(static fn (array $r): Mend => self::set($r['moved'], $r['edit']), array_filter([$plan->repaired()]));

            return $repaired;
        };
        foreach ($hit as $victim => $conflict) {
            yield $this->finding(
                Severity::Breaks,
                [
                    'link' => $plan->name($victim),
                    'by' => implode(' and ', array_map(static fn (int $khz): string => $plan->name($khz, $victim), $conflict['generators'])),
                    'apart' => Quantity::of((float) $conflict['distance'], Unit::Count),
                ],
                [(string) array_search($victim, $carriers, true)],
                new Working(
                    '2a − b, a + b − c, 3a − 2b, and spacing',
                    [
                        'falls on, kHz' => Quantity::of((float) $conflict['product'], Unit::Count),
                        'carrier, kHz' => Quantity::of((float) $victim, Unit::Count),
                    ],
                    'ITU-R SM.1134; usual guards, a maker’s own go before',
                ),
                $ideas,
                $conflict['type'] === 'spacing' ? 'near' : null,
            );
        }
        foreach ($carriers as $id => $khz) {
            foreach ($plan->occupied() as [$from, $to, $name]) {
                if ($khz > $from && $khz < $to) {
                    yield $this->finding(
                        Severity::Breaks,
                        ['link' => $plan->name($khz), 'what' => $name ?: 'something'],
                        [$id],
                        new Working('its carrier within what was scanned', ['carrier, kHz' => Quantity::of((float) $khz, Unit::Count)]),
                        $ideas,
                        'occupied',
                    );
                }
            }
        }
        if ($open > 0) {
            yield $this->finding(
                Severity::Watch,
                ['count' => (string) $open],
                ['links'],
                new Working('links without a carrier', []),
                case: 'open',
            );
        } elseif ($hit === []) {
            yield $this->finding(
                Severity::Holds,
                ['count' => (string) count($carriers)],
                ['links'],
                new Working(
                    'every product of two and three carriers against every carrier',
                    ['guards, kHz' => implode(', ', array_map(strval(...), RadioPlan::GUARDS))],
                    'which bands are lawful here, and who may use them, is for the regulator to say: check',
                ),
            );
        }
    }

    /** @param  list<string>  $moved */
    private static function set(array $moved, Edit $edit): Mend
    {
        return count($moved) > 3
            ? new Mend('set-many-links', ['count' => (string) count($moved)], $edit)
            : new Mend('set-links', ['links' => implode(' and ', $moved)], $edit);
    }
}
