<?php

declare(strict_types=1);

namespace App\View;

use FineFrame\Document\Record;
use FineFrame\Plan\ShootPlan;
use FineFrame\Staging\Furniture;

/** What several people tick off at one time: askings, what goes along to scout, and what has to go back where it was found. */
final readonly class TickDesk
{
    public function __construct(private ShootPlan $plan, private Reader $reader)
    {
    }

    /** @return list<array{title: string, items: list<array{id: string, name: string, more: string}>}> lists with something in them */
    public function lists(): array
    {
        $lists = [];
        foreach ($this->plan->locations as $place) {
            $lists[] = ['title' => "Permissions, $place->name", 'items' => array_map(static fn (Record $r): array => [
                'id' => "asking/$place->id/$r->id",
                'name' => $r->text('name') ?: $r->text('about'),
                'more' => implode(', ', array_filter([$r->text('who'), $r->text('state'), $r->text('due') === '' ? '' : 'by '.$r->text('due')])),
            ], $place->list('askings'))];
            $lists[] = ['title' => "Scout bag, $place->name", 'items' => array_map(static fn (Record $r): array => [
                'id' => "pouch/$place->id/$r->id", 'name' => $r->text('name'), 'more' => '',
            ], $place->list('pouch'))];
        }
        foreach ($this->plan->setups as $setup) {
            $moved = array_filter($setup->furniture, static fn (Furniture $f): bool => $f->isMoved());
            $lists[] = ['title' => "To put back, $setup->name", 'items' => array_values(array_map(fn (Furniture $f): array => [
                'id' => "restore/$setup->id/$f->id",
                'name' => $f->name,
                'more' => $f->found === null
                    ? ''
                    : 'to '.$this->reader->metres($f->found->x).' across, '.$this->reader->metres($f->found->y).' up',
            ], $moved))];
        }

        return array_values(array_filter($lists, static fn (array $l): bool => $l['items'] !== []));
    }
}
