<?php

declare(strict_types=1);

namespace App\View;

use FineFrame\Grip\SupportKind;
use FineFrame\Judge\Mounted;
use FineFrame\Judge\Situation;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Plan\Setup;
use FineFrame\Plan\SetupList;

/** What each lamp is on: how heavy, how high, how far off its legs, with what on them. */
final readonly class GripDesk
{
    public function __construct(private Situation $situation, private Reader $reader)
    {
    }

    /**
     * @return list<array{id: string, name: string, on: string, by: string, height: string, weight: string, rating: string, arm: string,
     *     ballast: string}>
     */
    public function mounts(): array
    {
        $kg = fn (?float $v): string => $v === null ? 'weight unknown' : $this->reader->print(Quantity::of($v, Unit::Kilogram));

        return array_map(fn (Mounted $m): array => [
            'id' => $m->id,
            'name' => $this->situation->name($m->id),
            'on' => $m->on->name,
            'by' => $this->by($m->id),
            'height' => $this->reader->metres($m->at->z),
            'weight' => $kg($m->kg),
            'rating' => $m->on->carriesKg === null ? 'not entered' : $kg($m->on->carriesKg),
            'arm' => match (true) {
                $m->offsetM > 0.0 => $this->reader->metres($m->offsetM),
                $m->on->kind->stands() => 'above its legs',
                default => $m->on->kind->value,
            },
            'ballast' => $m->ballastKg > 0.0 ? $kg($m->ballastKg) : 'none',
        ], Mounted::withPoles($this->situation));
    }

    /** @return list<array{name: string, here: int, together: int, there: string, short: int}> supports and joining parts against what is counted */
    public function needs(): array
    {
        $setup = $this->situation->setup;
        $kit = $setup->plan->kit;
        $here = $this->takes([$setup->setup]);
        $together = $this->takes([$setup->setup, ...$setup->plan->alongside($setup->setup)]);
        foreach ($this->situation->joined() as $one) {
            foreach ($one->parts ?? [] as $part) {
                $here[$part] = ($here[$part] ?? 0) + 1;
            }
        }
        $rows = [];
        foreach ($here as $model => $count) {
            $there = $kit->stock->count($model, $setup->hours()->date);
            $all = max($count, $together[$model] ?? 0);
            $rows[] = [
                'name' => $kit->name($model),
                'here' => $count,
                'together' => $all,
                'there' => $there === null ? 'not counted' : (string) $there,
                'short' => $there === null ? 0 : max(0, $all - $there),
            ];
        }

        return $rows;
    }

    /**
     * @param  list<Setup>  $setups
     * @return array<string, int> supports by model; hands are not counted
     */
    private function takes(array $setups): array
    {
        $supports = $this->situation->setup->plan->kit->supports;
        $models = array_column(array_merge(...array_map(SetupList::taken(...), $setups)), 1);

        return array_count_values(array_filter(
            $models,
            static fn (string $m): bool => isset($supports[$m]) && $supports[$m]->kind !== SupportKind::Hand,
        ));
    }

    private function by(string $id): string
    {
        $one = array_column($this->situation->joined(), null, 'id')[$id] ?? null;

        return match (true) {
            $one === null => 'not said',
            $one->parts === null => 'doesn’t fit',
            $one->parts === [] => 'straight',
            default => implode(', ', array_map($this->situation->setup->plan->kit->name(...), $one->parts)),
        };
    }
}
