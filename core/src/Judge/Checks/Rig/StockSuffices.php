<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rig;

use FineFrame\Camera\Lens;
use FineFrame\Grip\Support;
use FineFrame\Grip\SupportKind;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Plan\Setup;
use FineFrame\Plan\SetupList;

/** What is placed at one time is there: our own, hired or borrowed, and not gone back. */
final class StockSuffices extends Rule
{
    public function id(): string
    {
        return 'stock-suffices';
    }

    public function stage(): Stage
    {
        return Stage::Rig;
    }

    public function run(Situation $situation): iterable
    {
        [$plan, $setup] = [$situation->setup->plan, $situation->setup->setup];
        $stock = $plan->kit->stock;
        $takes = $this->takes($situation, [$setup]);
        if ($stock->rows === [] || $takes === []) {
            return;
        }
        $needed = array_map(count(...), $this->takes($situation, [$setup, ...$plan->alongside($setup)]));
        $date = $situation->setup->hours()->date;
        $uncounted = [];
        $isShort = false;
        foreach ($takes as $model => $things) {
            $there = $stock->count($model, $date);
            if ($there === null) {
                $uncounted[] = $model;
            } elseif ($there < $needed[$model]) {
                $isShort = true;
                yield $this->short($situation, $model, $things, $needed, $there);
            }
        }
        if ($uncounted !== []) {
            $names = implode(', ', array_map($plan->kit->name(...), $uncounted));
            yield $this->finding(Severity::Watch, ['models' => $names], [], $this->working(count($takes), 0), case: 'uncounted');
        } elseif (! $isShort) {
            yield $this->finding(
                Severity::Holds,
                ['count' => Quantity::of(count($takes), Unit::Count)],
                [],
                $this->working(count($takes), 0),
            );
        }
    }

    /**
     * @param  list<string>  $things  of this setup, as an edit addresses the field that names the model
     * @param  array<string, int>  $needed
     */
    private function short(Situation $situation, string $model, array $things, array $needed, int $there): Finding
    {
        $kit = $situation->setup->plan->kit;
        $date = $situation->setup->hours()->date;
        $until = $kit->stock->wentBack($model, $date);
        $ids = array_values(array_unique(array_map(static fn (string $path): string => explode('/', $path)[1], $things)));

        return $this->finding(
            Severity::Breaks,
            [
                'model' => $kit->name($model),
                'needed' => Quantity::of($needed[$model], Unit::Count),
                'there' => Quantity::of($there, Unit::Count),
                'short' => Quantity::of($needed[$model] - $there, Unit::Count),
                'things' => implode(', ', array_map($situation->name(...), $ids)),
                'day' => $date,
                'until' => $until ?? '',
            ],
            [...$ids, $model],
            $this->working($needed[$model], $there),
            fn (): array => $this->ideas($situation, $model, $things, $needed),
            $until === null ? null : 'back',
        );
    }

    private function working(int $needed, int $there): Working
    {
        return new Working(
            'placed, over setups that are on at one time ≤ counted, up to the last day of each',
            ['placed' => Quantity::of($needed, Unit::Count), 'counted' => Quantity::of($there, Unit::Count)],
        );
    }

    /**
     * @param  list<string>  $things
     * @param  array<string, int>  $needed
     * @return list<Mend> another of its list of which there is one left
     */
    private function ideas(Situation $situation, string $model, array $things, array $needed): array
    {
        $kit = $situation->setup->plan->kit;
        $date = $situation->setup->hours()->date;
        $ideas = [];
        foreach ($kit->models() as $models) {
            foreach (isset($models[$model]) ? $models : [] as $other) {
                $isLeft = ($kit->stock->count($other->id, $date) ?? 0) > ($needed[$other->id] ?? 0);
                $isAlike = ! $other instanceof Support || $other->kind === $kit->supports[$model]->kind;
                foreach ($isLeft && $isAlike ? array_reverse($things) : [] as $path) {
                    [$list, $id, $field] = explode('/', $path);
                    $set = $other instanceof Lens ? self::fitted($situation, $id, $other) : [];
                    $ideas[] = new Mend(
                        'take-model',
                        ['model' => $other->name, 'thing' => $situation->name($id)],
                        $situation->edit("$list/$id", [$field => $other->id] + $set),
                    );
                }
            }
        }

        return $ideas;
    }

    /** @return array<string, float> what a camera is set to so that a lens can do it */
    private static function fitted(Situation $situation, string $camera, Lens $lens): array
    {
        $placed = $situation->setup->cameras[$camera]->placement;
        $widest = $lens->widestT * ($situation->setup->plan->kit->reducers[$placed->reducer ?? '']->factor ?? 1.0);

        return [
            'focal_mm' => max($lens->shortestMm, min($lens->longestMm, $placed->focalMm)),
            't_stop' => max($placed->tStop, $widest),
        ];
    }

    /**
     * @param  list<Setup>  $setups
     * @return array<string, list<string>> by model, each field that takes one of it
     */
    private function takes(Situation $situation, array $setups): array
    {
        $supports = $situation->setup->plan->kit->supports;
        $takes = [];
        foreach (array_merge(...array_map(SetupList::taken(...), $setups)) as [$path, $model]) {
            // Hands are not counted.
            if (($supports[$model]->kind ?? null) !== SupportKind::Hand) {
                $takes[$model][] = $path;
            }
        }

        return $takes;
    }
}
