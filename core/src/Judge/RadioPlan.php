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
     * The repair that disturbs least: as few links as can be are set anew, each as near to where it was as is free; the rest
     * stay where they are.
     *
     * @return array{edit: Edit, moved: list<string>}|null null where nothing is wrong, or where no such few help
     */
    public function repaired(): ?array
    {
        $carriers = $this->carriers();
        $bad = array_keys(array_filter($carriers, fn (int $khz): bool => $this->isHit($khz, $carriers)));
        if ($bad === []) {
            return null;
        }
        $free = array_values(array_filter($this->links, static fn (Record $l): bool => ! $l->flag('locked') && isset($carriers[$l->id]) && $l->number('from_mhz') !== null && $l->number('to_mhz') !== null));
        // What is hit itself comes first: one of its makers may do as well.
        usort($free, static fn (Record $a, Record $b): int => in_array($b->id, $bad, true) <=> in_array($a->id, $bad, true));
        foreach ($free as $link) {
            $found = $this->setAnew([$link], $carriers);
            if ($found !== null) {
                return $found;
            }
        }
        foreach ($free as $i => $one) {
            foreach (array_slice($free, $i + 1) as $other) {
                $found = $this->setAnew([$one, $other], $carriers);
                if ($found !== null) {
                    return $found;
                }
            }
        }

        return null;
    }

    /** @param  array<string, int>  $carriers */
    private function isHit(int $khz, array $carriers): bool
    {
        $taken = array_filter($this->occupied(), static fn (array $o): bool => $khz > $o[0] && $khz < $o[1]);

        return $taken !== [] || in_array($khz, array_column(Intermodulation::conflicts(array_values($carriers), self::guards()), 'victim'), true);
    }

    /**
     * @param  non-empty-list<Record>  $links  to be set anew, one after the other
     * @param  array<string, int>  $carriers
     * @return array{edit: Edit, moved: list<string>}|null
     */
    private function setAnew(array $links, array $carriers): ?array
    {
        $stay = array_diff_key($carriers, array_flip(array_map(static fn (Record $l): string => $l->id, $links)));
        if (array_filter($stay, fn (int $khz): bool => $this->isHit($khz, $stay)) !== []) {
            return null;
        }
        $edit = [];
        foreach ($links as $link) {
            $range = [(int) ceil(1000 * ($link->number('from_mhz') ?? 0.0)), (int) floor(1000 * ($link->number('to_mhz') ?? 0.0))];
            $found = (new Coordination([$range], max(1, (int) ($link->number('step_khz') ?? 25.0)), self::guards(), array_map(static fn (array $o): array => [$o[0], $o[1]], $this->occupied())))->nearest($carriers[$link->id], array_values($stay));
            if ($found === null) {
                return null;
            }
            $stay[$link->id] = $found;
            $edit["/setups/{$this->setup->setup->id}/links/$link->id/set_mhz"] = $found / 1000;
        }

        return ['edit' => new Edit($edit), 'moved' => array_map(static fn (Record $l): string => $l->text('name'), $links)];
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
