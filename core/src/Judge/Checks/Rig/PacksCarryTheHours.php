<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rig;

use FineFrame\Judge\Cells;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Plan\Edit;

/** Cameras and battery lamps run as long as is recorded, on the packs that there are, exchanged in pauses. */
final class PacksCarryTheHours extends Rule
{
    public function id(): string
    {
        return 'packs-carry-the-hours';
    }

    public function stage(): Stage
    {
        return Stage::Rig;
    }

    public function run(Situation $situation): iterable
    {
        foreach (Cells::allOf($situation) as $cells) {
            yield $this->judged($situation, $cells);
        }
    }

    private function judged(Situation $situation, Cells $cells): Finding
    {
        $day = $cells->day;
        $case = match (true) {
            $cells->uncounted === null => 'unlisted',
            $cells->packs === [] && $cells->uncounted !== [] => 'uncounted',
            ! $day->isCovered => 'dies',
            $day->leastSwaps === 0 => 'holds',
            default => 'swaps',
        };

        return $this->finding(
            match ($case) {
                'dies' => Severity::Breaks,
                'unlisted', 'uncounted' => Severity::Watch,
                default => Severity::Holds,
            },
            [
                'devices' => implode(', ', array_map($situation->name(...), array_map(strval(...), array_keys($cells->devices)))),
                'plate' => $cells->plate,
                'packs' => count($cells->packs) === 1 ? '1 pack' : count($cells->packs).' packs',
                'until' => $cells->clock($day->lastsUntil),
                'to' => $cells->clock($cells->minutes),
                'count' => $day->leastSwaps === 1 ? '1 swap' : "$day->leastSwaps swaps",
                'swaps' => implode(', ', array_unique(array_map(static fn (array $s): string => $cells->clock($s[0]), $day->swaps))),
            ],
            array_map(strval(...), array_keys($cells->devices)),
            new Working('every way to exchange packs in pauses, and to charge those that lie about, gone through', [
                'drawn' => Quantity::of(array_sum($cells->devices), Unit::Watt),
                'counted on in the packs' => number_format(array_sum(array_column($cells->packs, 1)), 0, '.', '').' Wh',
                'recorded' => round($cells->minutes).' min',
                'charging slots' => (string) count($cells->slots),
            ], 'as long as is recorded; line-up and rehearsal draw too, and cold packs hold less'),
            $case === 'dies' ? fn (): array => $this->ideas($situation, $cells) : [],
            $case,
        );
    }

    /** @return list<Mend> one more, two more and so on of a pack that is counted */
    private function ideas(Situation $situation, Cells $cells): array
    {
        $kit = $situation->setup->plan->kit;
        $ideas = [];
        foreach ($kit->stock->rows as $row) {
            $pack = $kit->packs[$row->text('model')] ?? null;
            if ($pack === null || $pack->plate !== $cells->plate) {
                continue;
            }
            foreach ([1, 2, 3, 4, 6] as $more) {
                $ideas[] = new Mend(
                    'carry-more',
                    ['count' => (string) $more, 'model' => $pack->name],
                    new Edit(["/kit/stock/$row->id/count" => ($row->number('count') ?? 0.0) + $more]),
                );
            }
        }

        return $ideas;
    }
}
