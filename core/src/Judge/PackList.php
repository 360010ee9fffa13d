<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Document\Record;
use FineFrame\Grip\Support;
use FineFrame\Grip\SupportKind;
use FineFrame\Pack\Box;
use FineFrame\Plan\Kit;
use FineFrame\Plan\Setup;
use FineFrame\Plan\SetupList;
use FineFrame\Plan\SetupPlan;
use FineFrame\Plan\ShootPlan;

/** What is taken along on a day, worked out of everything that its setups place, name and list; never typed, only corrected. */
final readonly class PackList
{
    /** Parts of other things: nobody packs them for themselves. */
    private const BUILT_IN = ['camera-mic', 'phone-main', 'phone-far'];

    /** Taken besides what is used, where there is more of it: of each cable in use one; ours, to be corrected. */
    private const SPARES = ['lead' => 1, 'extension' => 1];

    /** What is looked for together lies together; all else with the cables. */
    private const GROUPS = [
        'supports' => 'stands', 'poles' => 'stands', 'fixtures' => 'lamps', 'modifiers' => 'lamps',
        'bodies' => 'cameras', 'lenses' => 'cameras', 'reducers' => 'cameras', 'prompters' => 'cameras', 'monitor' => 'cameras',
        'card' => 'cameras', 'drive' => 'cameras', 'packs' => 'cameras', 'chargers' => 'cameras',
        'microphones' => 'sound', 'recorder' => 'sound', 'link' => 'sound',
    ];

    private const BAG_KG = 7.0;

    /** @var array<string, PackItem> */
    public array $items;

    /** @param  list<Setup>  $setups */
    private function __construct(private ShootPlan $plan, private array $setups, private string $date)
    {
        $this->items = $this->corrected($this->worked());
    }

    public static function of(SetupPlan $setup): self
    {
        $date = $setup->hours()->date;
        $plan = $setup->plan;

        return new self($plan, array_values(array_filter(
            $plan->setups,
            static fn (Setup $s): bool => $plan->hours($s)->date === $date && SetupList::taken($s) !== [],
        )), $date);
    }

    /** @return list<Box> each thing that goes into cases, by item and number */
    public function boxes(): array
    {
        $boxes = [];
        foreach ($this->items as $item) {
            for ($i = 1; $i <= $item->count() && ! $item->isFaulty; $i++) {
                $b = $item->box;
                $boxes[] = new Box(
                    "$item->id#$i", $b->lengthM, $b->widthM, $b->heightM, $b->kg, $b->isUpright, $b->isFragile, self::GROUPS[$item->kind] ?? 'cables',
                );
            }
        }

        return $boxes;
    }

    /** @return array<string, array{name: string, kind: string, model: object|null, lengthM: float, why: array<string, list<string>>}> by item */
    private function worked(): array
    {
        $all = [];
        foreach ($this->setups as $setup) {
            foreach (SetupList::taken($setup) as [$path, $model]) {
                [$kind, $of] = self::model($this->plan->kit, $model);
                if ($of === null || in_array($model, self::BUILT_IN, true) || $of instanceof Support && $of->kind === SupportKind::Hand) {
                    continue;
                }
                $all[$model] ??= ['name' => $this->plan->kit->name($model), 'kind' => $kind, 'model' => $of, 'lengthM' => 0.0, 'why' => []];
                $all[$model]['why'][$setup->id][] = explode('/', $path)[1];
            }
            foreach ($this->listed($setup) as [$kind, $name, $count, $why, $lengthM]) {
                $id = "$kind/$name";
                $all[$id] ??= ['name' => $name, 'kind' => $kind, 'model' => null, 'lengthM' => $lengthM, 'why' => []];
                $all[$id]['why'][$setup->id] = [...$all[$id]['why'][$setup->id] ?? [], ...array_fill(0, $count, $why)];
            }
        }

        return $all + $this->everySetup();
    }

    /** @return iterable<array{string, string, int, string, float}> kind, name, how many, for what, length in metres */
    private function listed(Setup $setup): iterable
    {
        // A camera that records sound is packed as a camera.
        $cameras = array_map(static fn (string $l): string => "camera $l", array_column($setup->cameras, 'label'));
        foreach ($setup->list('recorders') as $row) {
            if (in_array($row->text('name'), $cameras, true)) {
                continue;
            }
            yield ['recorder', $row->text('name') ?: 'recorder', 1, $row->id, 0.0];
        }
        foreach (['leads' => 'lead', 'extensions' => 'extension'] as $list => $kind) {
            foreach ($setup->list($list) as $row) {
                $length = $row->number('length_m') ?? 5.0;
                $name = trim(($kind === 'lead' ? $row->text('connector').' cable' : 'extension').', '.round($length, 1).' m');
                yield [$kind, $name, (int) ($row->number('count') ?? 1.0), $row->id, $length];
            }
        }
        foreach ($setup->list('views') as $row) {
            if ($row->text('by') !== 'the camera’s own screen' && $row->text('by') !== 'mirrored call') {
                yield ['monitor', 'monitor '.round($row->number('screen_in') ?? 7.0).'″', 1, $row->id, 0.0];
            }
        }
        foreach ($setup->list('links') as $row) {
            yield ['link', ($row->text('name') ?: 'link').', both ends', 1, $row->id, 0.0];
        }
        foreach ($setup->list('hazers') as $row) {
            yield ['hazer', $row->text('name') ?: 'hazer', 1, $row->id, 0.0];
        }
        foreach ($setup->list('treatments') as $row) {
            yield ['cloth', $row->text('name') ?: 'cloth', 1, $row->id, 0.0];
        }
        $kg = array_sum(array_map(static fn (Record $r): float => $r->number('kg') ?? 0.0, $setup->list('ballast')));
        if ($kg > 0.0) {
            yield ['sandbag', 'sandbag, '.self::BAG_KG.' kg', (int) ceil($kg / self::BAG_KG - 1e-9), 'ballast', 0.0];
        }
    }

    /** @return array<string, array{name: string, kind: string, model: object|null, lengthM: float, why: array<string, list<string>>}> */
    private function everySetup(): array
    {
        $all = [];
        $add = static function (string $id, string $name, string $kind, ?object $model, int $count) use (&$all): void {
            $all[$id] = self::always($name, $kind, $model, $count);
        };
        foreach (['cards' => 'card', 'drives' => 'drive'] as $list => $kind) {
            foreach ($this->plan->brief->list($list) as $row) {
                $name = $row->text('name') ?: $kind;
                $count = $kind === 'card' ? (int) ($row->number('count') ?? 1.0) : 1;
                $add("$kind/$name", $name.', '.round($row->number('gb') ?? 0.0).' GB', $kind, null, $count);
            }
        }
        $plates = $this->plates();
        $kit = $this->plan->kit;
        foreach (['packs' => $kit->packs, 'chargers' => $kit->chargers] as $kind => $models) {
            foreach ($models as $model) {
                $there = $kit->stock->count($model->id, $this->date) ?? 0;
                if ($there > 0 && in_array($model->plate, $plates, true)) {
                    $add($model->id, $model->name, $kind, $model, $there);
                }
            }
        }
        foreach ($kit->joiners as $model) {
            $there = $kit->stock->count($model->id, $this->date) ?? 0;
            if ($there > 0 && $this->setups !== []) {
                $add($model->id, $model->name, 'joiners', $model, $there);
            }
        }

        return $all;
    }

    /** @return array{name: string, kind: string, model: object|null, lengthM: float, why: array<string, list<string>>} for no one setup */
    private static function always(string $name, string $kind, ?object $model, int $count): array
    {
        $why = ['' => array_fill(0, max(1, $count), '')];

        return ['name' => $name, 'kind' => $kind, 'model' => $model, 'lengthM' => 0.0, 'why' => $why];
    }

    /** @return list<string> what batteries must fit */
    private function plates(): array
    {
        $plates = [];
        foreach ($this->setups as $setup) {
            foreach ($setup->cameras as $camera) {
                $plates[] = $this->plan->kit->bodies[$camera->body]->plate ?? '';
            }
            foreach ($setup->lights as $lamp) {
                $plates[] = $this->plan->kit->fixtures[$lamp->fixture]->plate ?? '';
            }
        }

        return array_values(array_unique(array_filter($plates)));
    }

    /**
     * @param  array<string, array{name: string, kind: string, model: object|null, lengthM: float, why: array<string, list<string>>}>  $all
     * @return array<string, PackItem>
     */
    private function corrected(array $all): array
    {
        $items = [];
        $rows = array_column(array_map(
            static fn (Record $r): array => [$r->text('item') ?: "own/$r->id", $r], $this->plan->brief->list('packing'),
        ), 1, 0);
        foreach ($rows as $id => $row) {
            if ($row->text('item') === '') {
                $all[$id] = self::always($row->text('name'), 'own', null, (int) ($row->number('count') ?? 1.0));
            }
        }
        foreach ($all as $id => $one) {
            $row = $rows[$id] ?? null;
            if ($row?->flag('off') === true) {
                continue;
            }
            $needed = (int) ($row?->number('count') ?? $this->atOneTime($one['why']));
            $spares = (int) ($row?->number('spares') ?? self::SPARES[$one['kind']] ?? 0);
            $items[$id] = new PackItem(
                $id,
                $one['name'],
                $one['kind'],
                $needed,
                $spares,
                $this->plan->kit->stock->count($id, $this->date),
                $one['why'],
                self::box($id, $one, $row),
                $row?->number('length_m') !== null || $row?->number('kg') !== null,
                $row?->flag('faulty') ?? false,
                $row?->text('due') ?? '',
            );
        }
        uasort($items, static fn (PackItem $a, PackItem $b): int => [$a->kind, $a->name] <=> [$b->kind, $b->name]);

        return $items;
    }

    /** @param  array{name: string, kind: string, model: object|null, lengthM: float, why: array<string, list<string>>}  $one */
    private static function box(string $id, array $one, ?Record $row): Box
    {
        [$length, $width, $height, $kg, $isFragile] = PackSizes::of($one['kind'], $one['model'], $one['lengthM']);

        return new Box(
            $id,
            $row?->number('length_m') ?? $length,
            $row?->number('width_m') ?? $width,
            $row?->number('height_m') ?? $height,
            $row?->number('kg') ?? $kg,
            $row?->flag('upright') ?? false,
            $row?->flag('fragile') === true || $isFragile,
        );
    }

    /** @param  array<string, list<string>>  $why */
    private function atOneTime(array $why): int
    {
        $most = count($why[''] ?? []);
        foreach ($this->setups as $setup) {
            $together = [$setup, ...array_filter(
                $this->plan->alongside($setup), fn (Setup $s): bool => in_array($s, $this->setups, true),
            )];
            $most = max($most, array_sum(array_map(static fn (Setup $s): int => count($why[$s->id] ?? []), $together)));
        }

        return $most;
    }

    /** @return array{string, object|null} the list that holds a model, and it */
    private static function model(Kit $kit, string $id): array
    {
        foreach ($kit->models() as $list => $models) {
            if (isset($models[$id])) {
                return [$list, $models[$id]];
            }
        }

        return ['', null];
    }
}
