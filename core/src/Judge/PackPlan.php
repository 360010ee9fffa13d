<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Pack\Box;
use FineFrame\Pack\Carriers;
use FineFrame\Pack\CaseSize;
use FineFrame\Pack\Laid;
use FineFrame\Pack\Packer;
use FineFrame\Pack\Packing;
use FineFrame\Plan\SetupPlan;
use FineFrame\Scene\Shared;

/** The day’s things in the cases that there are: what lies where, how heavy each gets, and how often people walk. */
final class PackPlan
{
    /** With a case in each hand, metres a minute; pieces that one takes. Ours. */
    public const METRES_A_MINUTE = 50.0;

    public const HANDS = 2;

    private const CARRY_M = 30.0;

    public readonly PackList $list;

    /** @var array<string, CaseSize> by case and number */
    public readonly array $cases;

    /** @var array<string, string> by case and number */
    public readonly array $names;

    /** @var array<string, float> what each weighs empty */
    private readonly array $ownKg;

    private ?Packing $packing = null;

    public function __construct(
        private readonly SetupPlan $setup,
        private readonly float $liftKg,
        private readonly Shared $shared = new Shared,
    ) {
        $this->list = PackList::of($setup);
        $cases = $names = $own = [];
        foreach ($setup->plan->brief->list('cases') as $row) {
            $count = (int) ($row->number('count') ?? 1.0);
            for ($i = 1; $i <= $count; $i++) {
                $id = "$row->id#$i";
                $cases[$id] = new CaseSize(
                    $id, $row->number('length_m') ?? 0.5, $row->number('width_m') ?? 0.35, $row->number('height_m') ?? 0.2,
                    $row->number('max_kg') ?? 20.0, $row->text('for') === 'anything' ? '' : $row->text('for'),
                );
                $names[$id] = $row->text('name').($count > 1 ? " $i" : '');
                $own[$id] = $row->number('own_kg') ?? 0.0;
            }
        }
        [$this->cases, $this->names, $this->ownKg] = [$cases, $names, $own];
    }

    public function packing(): Packing
    {
        return $this->packing ??= $this->packed($this->list->boxes());
    }

    /**
     * Looked up where the same things went into the same cases before: nothing of them moves while a lamp does.
     *
     * @param  list<Box>  $boxes
     */
    private function packed(array $boxes): Packing
    {
        $key = 'packing '.hash('xxh128', serialize([$boxes, $this->cases]));
        $numbers = $this->shared->list($key, function () use ($boxes): array {
            $at = array_flip(array_map(static fn (Box $b): string => $b->id, $boxes));
            $numbers = [];
            foreach ((new Packer($boxes, array_values($this->cases)))->pack()->cases as $case => $laid) {
                foreach ($laid as $one) {
                    foreach ([$one->x, $one->y, $one->z, $one->dx, $one->dy, $one->dz] as $axis => $metres) {
                        $numbers["{$at[$one->box->id]} $axis $case"] = $metres;
                    }
                }
            }

            return $numbers;
        });
        $cases = $left = [];
        foreach (array_chunk($numbers, 6, true) as $six) {
            [$box, , $case] = explode(' ', (string) array_key_first($six), 3) + ['', '', ''];
            $cases[$case][] = new Laid($boxes[(int) $box], ...array_values($six));
            $left[(int) $box] = true;
        }

        return new Packing($cases, array_values(array_diff_key($boxes, $left)));
    }

    /** @return array<string, float> kilograms of each case that is used, with what is in it */
    public function kg(): array
    {
        $kg = [];
        foreach ($this->packing()->cases as $id => $laid) {
            $kg[$id] = $this->ownKg[$id] + array_sum(array_map(static fn (Laid $l): float => $l->box->kg, $laid));
        }

        return $kg;
    }

    /** Share of a case that is filled. */
    public function filled(string $case): float
    {
        $laid = $this->packing()->cases[$case] ?? [];

        return array_sum(array_map(static fn (Laid $l): float => $l->box->litres(), $laid)) / $this->cases[$case]->litres();
    }

    /** @return list<float> of everybody who carries */
    public function limits(): array
    {
        return array_fill(0, (int) ($this->setup->plan->brief->facts->number('hands') ?? 1.0), $this->liftKg);
    }

    /** @return array{int, float}|null rounds from the van, and minutes; null where a case is too heavy, or nothing is carried */
    public function carried(): ?array
    {
        $kg = array_values($this->kg());
        $rounds = $kg === [] ? null : (new Carriers($this->limits(), self::HANDS, true))->rounds($kg);

        return $rounds === null ? null : [$rounds, Carriers::minutes($rounds, $this->carryM(), self::METRES_A_MINUTE)];
    }

    public function carryM(): float
    {
        return $this->setup->location->facts->number('carry_m') ?? self::CARRY_M;
    }

    public function litres(): float
    {
        return array_sum(array_map(fn (string $id): float => $this->cases[$id]->litres(), array_keys($this->packing()->cases)));
    }

    /** The thing of a box. */
    public function item(string $box): PackItem
    {
        return $this->list->items[substr($box, 0, (int) strrpos($box, '#'))];
    }

    /** @return list<string> what stays out, each kind once with how many */
    public function left(): array
    {
        $counts = [];
        foreach ($this->packing()->left as $box) {
            $name = $this->item($box->id)->name;
            $counts[$name] = ($counts[$name] ?? 0) + 1;
        }

        $said = static fn (string $name, int $n): string => $n > 1 ? "$n × $name" : $name;

        return array_map($said, array_map(strval(...), array_keys($counts)), $counts);
    }
}
