<?php

declare(strict_types=1);

namespace App\View;

use FineFrame\Judge\PackItem;
use FineFrame\Judge\PackPlan;
use FineFrame\Judge\Situation;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Pack\Laid;

/** What goes along and why, what lies in which case, what is out and back. */
final readonly class PackDesk
{
    /** Pixels a metre of a drawn case; a name is written where it has room for so many. */
    private const METRE = 250.0;

    private const LETTER = 5.4;

    public PackPlan $pack;

    public function __construct(private Situation $situation, private Reader $reader)
    {
        $this->pack = $situation->pack();
    }

    /**
     * @return list<array{kind: string, items: list<array{id: string, name: string, count: int, spares: int, short: int, there: string,
     *     why: list<array{setup: string, place: string|null, things: list<array{id: string, name: string}>}>, size: string, isSized: bool,
     *     isFaulty: bool}>}> by kind
     */
    public function list(): array
    {
        $kinds = [];
        foreach ($this->pack->list->items as $item) {
            $kinds[$item->kind][] = [
                'id' => $item->id,
                'name' => $item->name,
                'count' => $item->count(),
                'spares' => max(0, $item->count() - $item->needed),
                'short' => $item->short(),
                'there' => match (true) {
                    $item->there !== null => "$item->there there",
                    isset($this->situation->setup->plan->kit->models()[$item->kind]) => 'not counted',
                    default => '',
                },
                'why' => $this->why($item),
                'size' => $this->size($item),
                'isSized' => $item->isSized,
                'isFaulty' => $item->isFaulty,
            ];
        }

        return array_map(static fn (string $kind, array $items): array => [
            'kind' => self::kind($kind), 'items' => $items,
        ], array_map(strval(...), array_keys($kinds)), $kinds);
    }

    /**
     * Cases that are used, from above and from the side.
     *
     * @return list<array{id: string, name: string, kg: string, filled: string, things: list<array{name: string, count: int}>,
     *     top: array<string, mixed>, side: array<string, mixed>}>
     */
    public function cases(): array
    {
        $kg = $this->pack->kg();
        $cases = [];
        foreach ($this->pack->packing()->cases as $id => $laid) {
            $case = $this->pack->cases[$id];
            $counts = array_count_values(array_map(fn (Laid $l): string => $this->pack->item($l->box->id)->name, $laid));
            $cases[] = [
                'id' => $id,
                'name' => $this->pack->names[$id],
                'kg' => $this->reader->print(Quantity::of($kg[$id], Unit::Kilogram)),
                'filled' => round(100 * $this->pack->filled($id)).' %',
                'things' => array_map(static fn (string $name, int $n): array => [
                    'name' => $name, 'count' => $n,
                ], array_map(strval(...), array_keys($counts)), $counts),
                'top' => $this->drawn($laid, $case->lengthM, $case->widthM, true),
                'side' => $this->drawn($laid, $case->lengthM, $case->heightM, false),
            ];
        }

        return $cases;
    }

    /** @return list<string> */
    public function left(): array
    {
        return $this->pack->left();
    }

    public function carried(): string
    {
        $carried = $this->pack->carried();
        $count = count($this->pack->packing()->cases);
        if ($carried === null) {
            return $count === 0 ? '' : 'One case is too heavy to carry.';
        }
        $far = $this->reader->metres($this->pack->carryM());

        return "$count cases, in $carried[0] ".($carried[0] === 1 ? 'round' : 'rounds')." over $far: ".ceil($carried[1]).' min.';
    }

    /** @return list<array{title: string, items: list<array{id: string, name: string, case: string}>}> by case, as it goes out and comes back */
    public function ticks(): array
    {
        $lists = [];
        foreach ($this->pack->packing()->cases as $id => $laid) {
            $lists[] = $this->ticked($this->pack->names[$id], array_map(static fn (Laid $l): string => $l->box->id, $laid));
        }
        $left = array_map(static fn ($b): string => $b->id, $this->pack->packing()->left);

        return $left === [] ? $lists : [...$lists, $this->ticked($lists === [] ? 'Everything' : 'Not in a case', $left)];
    }

    /** @return list<array{mark: string, name: string, sub: string}> one for each case and each thing that is worth one */
    public function labels(): array
    {
        $labels = [];
        foreach ($this->pack->packing()->cases as $id => $laid) {
            $count = count($laid);
            $name = $this->pack->names[$id];
            $labels[] = ['mark' => "case/$name", 'name' => $name, 'sub' => $count.($count === 1 ? ' thing' : ' things')];
        }
        foreach ($this->pack->list->items as $item) {
            for ($i = 1; $i <= $item->count(); $i++) {
                $labels[] = ['mark' => "$item->id#$i", 'name' => $item->name, 'sub' => $item->count() > 1 ? "$i of {$item->count()}" : ''];
            }
        }

        return $labels;
    }

    /** @return array<string, string> things by id, to be chosen from */
    public function names(): array
    {
        return array_map(static fn (PackItem $i): string => $i->name, $this->pack->list->items);
    }

    public static function kind(string $kind): string
    {
        $word = __("pack.kinds.$kind");

        return is_string($word) ? $word : $kind;
    }

    /** How a thing is called in the log. */
    public function tick(string $box, string $way): string
    {
        return "pack/{$this->situation->setup->hours()->date}/$box/$way";
    }

    /**
     * @param  list<string>  $boxes
     * @return array{title: string, items: list<array{id: string, name: string, case: string}>}
     */
    private function ticked(string $title, array $boxes): array
    {
        return ['title' => $title, 'items' => array_map(function (string $box) use ($title): array {
            $item = $this->pack->item($box);
            $number = substr($box, (int) strrpos($box, '#') + 1);

            return ['id' => $box, 'name' => $item->name.($item->count() > 1 ? " $number" : ''), 'case' => $title];
        }, $boxes)];
    }

    /** @return list<array{setup: string, place: string|null, things: list<array{id: string, name: string}>}> */
    private function why(PackItem $item): array
    {
        $plan = $this->situation->setup->plan;
        $why = [];
        foreach ($item->why as $setup => $things) {
            if ($setup === '') {
                continue;
            }
            $of = $plan->setup((string) $setup);
            $why[] = [
                'setup' => $of->setup->name,
                'place' => $setup === $plan->setups[0]->id ? null : (string) $setup,
                // What is only listed, as cables are, stands for no one thing on the floor.
                'things' => array_values(array_map(static fn (string $id): array => [
                    'id' => $id, 'name' => $of->name($id),
                ], array_filter(array_unique($things), static fn (string $id): bool => $of->name($id) !== $id))),
            ];
        }

        return $why;
    }

    private function size(PackItem $item): string
    {
        $box = $item->box;

        return implode(' × ', array_map($this->reader->metres(...), [$box->lengthM, $box->widthM, $box->heightM])).', '
            .$this->reader->print(Quantity::of($box->kg, Unit::Kilogram));
    }

    /**
     * @param  list<Laid>  $laid
     * @return array{width: float, height: float, boxes: list<array{x: float, y: float, width: float, height: float, words: string, title: string}>}
     */
    private function drawn(array $laid, float $across, float $up, bool $isTop): array
    {
        // What lies on top, or in front, is drawn last.
        usort($laid, static fn (Laid $a, Laid $b): int => $isTop ? $a->z + $a->dz <=> $b->z + $b->dz : $b->y <=> $a->y);
        $m = self::METRE;

        return ['width' => $across * $m, 'height' => $up * $m, 'boxes' => array_map(function (Laid $l) use ($isTop, $up, $m): array {
            $name = $this->pack->item($l->box->id)->name;
            $width = $l->dx * $m;
            [$low, $tall] = $isTop ? [$l->y, $l->dy] : [$l->z, $l->dz];
            $letters = (int) floor(($width - 6) / self::LETTER);

            return [
                'x' => $l->x * $m, 'y' => ($up - $low - $tall) * $m, 'width' => $width, 'height' => $tall * $m,
                'words' => $letters < 4 || $tall * $m < 12 ? '' : mb_strimwidth($name, 0, $letters, '…'),
                'title' => $name,
            ];
        }, $laid)];
    }
}
