<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Document\Record;
use FineFrame\Plan\Edit;
use FineFrame\Plan\SetupPlan;
use FineFrame\Sound\Coordination;
use FineFrame\Sound\Guards;
use FineFrame\Sound\Intermodulation;

/** The wireless links of a setup and their carriers: what hits what, and channels for all of them at once. */
final readonly class RadioPlan
{
    /** Usual guards for analogue voice links; a maker's own go before. kHz. */
    public const GUARDS = [350, 100, 50, 0];

    /** @var list<Record> */
    public array $links;

    public function __construct(private SetupPlan $setup)
    {
        $this->links = $setup->setup->list('links');
    }

    public static function guards(): Guards
    {
        return new Guards(...self::GUARDS);
    }

    /** @return array<string, int> kHz by link, those that have one */
    public function carriers(): array
    {
        $carriers = [];
        foreach ($this->links as $link) {
            $mhz = $link->number('set_mhz');
            $mhz === null ?: $carriers[$link->id] = (int) round(1000 * $mhz);
        }

        return $carriers;
    }

    /** @return list<array{type: string, product: int, generators: list<int>, victim: int, distance: int}> */
    public function conflicts(): array
    {
        return Intermodulation::conflicts(array_values($this->carriers()), self::guards());
    }

    /** @return list<array{int, int, string}> kHz, and what was heard there */
    public function occupied(): array
    {
        $all = [];
        foreach ($this->setup->location->list('occupied') as $part) {
            [$from, $to] = [$part->number('from_mhz'), $part->number('to_mhz')];
            $from === null || $to === null ?: $all[] = [(int) floor(1000 * $from), (int) ceil(1000 * $to), $part->text('name')];
        }

        return $all;
    }

    public function name(int $khz): string
    {
        $id = array_search($khz, $this->carriers(), true);
        foreach ($this->links as $link) {
            if ($link->id === $id) {
                return $link->text('name');
            }
        }

        return number_format($khz / 1000, 3).' MHz';
    }

    /**
     * Channels for all links, block by block, clear of what was heard, of each other and of what they make of each other. What
     * is locked stays.
     *
     * @return array{edit: Edit, left: list<string>} what is set, and the names of links for which there is no room in their block
     */
    public function coordinated(float $seconds = 1.0): array
    {
        [$edit, $left, $stays, $blocks] = [[], [], [], []];
        foreach ($this->links as $link) {
            $set = $link->number('set_mhz');
            if ($link->flag('locked') && $set !== null) {
                $stays[] = (int) round(1000 * $set);
            } elseif ($link->number('from_mhz') !== null && $link->number('to_mhz') !== null) {
                $blocks[$link->number('from_mhz').'-'.$link->number('to_mhz').'-'.$link->number('step_khz')][] = $link;
            } else {
                $left[] = $link->text('name');
            }
        }
        // The narrowest blocks first: they have the least to choose from.
        uasort($blocks, static fn (array $a, array $b): int => (($a[0]->number('to_mhz') ?? 0.0) - ($a[0]->number('from_mhz') ?? 0.0)) <=> (($b[0]->number('to_mhz') ?? 0.0) - ($b[0]->number('from_mhz') ?? 0.0)));
        foreach ($blocks as $links) {
            $range = [(int) ceil(1000 * ($links[0]->number('from_mhz') ?? 0.0)), (int) floor(1000 * ($links[0]->number('to_mhz') ?? 0.0))];
            $search = new Coordination([$range], max(1, (int) ($links[0]->number('step_khz') ?? 25.0)), self::guards(), array_map(static fn (array $o): array => [$o[0], $o[1]], $this->occupied()));
            $found = array_values(array_diff($search->solve(count($stays) + count($links), $stays, $seconds)['carriers'], $stays));
            foreach ($links as $i => $link) {
                if (isset($found[$i])) {
                    $edit["/setups/{$this->setup->setup->id}/links/$link->id/set_mhz"] = $found[$i] / 1000;
                    $stays[] = $found[$i];
                } else {
                    $left[] = $link->text('name');
                }
            }
        }

        return ['edit' => new Edit($edit), 'left' => $left];
    }
}
