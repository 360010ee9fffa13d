<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rig;

use FineFrame\Grip\Mount;
use FineFrame\Grip\Support;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Joined;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;

/** Each lamp and pole really mounts: what it sits on is what its support offers, or parts of the kit lead from one to the other. */
final class JointsClose extends Rule
{
    public function id(): string
    {
        return 'joints-close';
    }

    public function stage(): Stage
    {
        return Stage::Rig;
    }

    public function run(Situation $situation): iterable
    {
        $all = $situation->joined();
        $parts = 0;
        $isOpen = false;
        foreach ($all as $one) {
            $parts += count($one->parts ?? []);
            if ($one->parts === null) {
                $isOpen = true;
                yield $this->open($situation, $one);
            }
        }
        if ($all !== [] && ! $isOpen) {
            yield $this->finding(
                Severity::Holds,
                ['count' => Quantity::of(count($all), Unit::Count), 'parts' => Quantity::of($parts, Unit::Count)],
                [],
                $this->working(count($all), $parts),
                case: $parts === 0 ? 'straight' : null,
            );
        }
    }

    private function open(Situation $situation, Joined $one): Finding
    {
        $stock = $situation->setup->plan->kit->stock;
        $there = $one->lacks === null ? null : $stock->count($one->lacks, $situation->setup->hours()->date);

        return $this->finding(
            Severity::Breaks,
            [
                'thing' => $situation->name($one->id),
                'mount' => $one->mount->value,
                'support' => $one->on->name,
                'offers' => $one->on->offers->value,
                'part' => $one->lacks === null ? '' : $situation->setup->plan->kit->name($one->lacks),
                'there' => Quantity::of($there ?? 0, Unit::Count),
            ],
            [$one->id],
            $this->working(1, count($one->parts ?? [])),
            fn (): array => $this->ideas($situation, $one),
            match (true) {
                $one->isHeavy => 'heavy',
                $one->lacks !== null => 'short',
                default => null,
            },
        );
    }

    private function working(int $things, int $parts): Working
    {
        return new Working('from what the support offers to what it sits on, by the parts of the kit; the fewest', [
            'lamps and poles' => Quantity::of($things, Unit::Count),
            'parts between' => Quantity::of($parts, Unit::Count),
        ]);
    }

    /** @return list<Mend> supports that it sits on straight, and that hold it where it is */
    private function ideas(Situation $situation, Joined $one): array
    {
        $lamp = $situation->scene->lamps[$one->id] ?? null;
        if ($lamp === null) {
            return [];
        }
        $fit = array_filter(
            $situation->setup->plan->kit->supports,
            static fn (Support $s): bool => $s->offers === $one->mount && $s->offers !== Mount::Unsaid && $s->carries($lamp->weightKg())
                && ! $s->kind->isCarried() && $lamp->placement->heightM >= $s->lowestM && $lamp->placement->heightM <= $s->highestM,
        );

        return array_values(array_map(static fn (Support $s): Mend => new Mend(
            'take-model',
            ['model' => $s->name, 'thing' => $situation->name($one->id)],
            $situation->edit("lights/$one->id", ['stand' => $s->id]),
        ), $fit));
    }
}
