<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Document\Record;
use FineFrame\Plan\Edit;
use FineFrame\Plan\SetupPlan;
use FineFrame\Sound\CarrierSet;
use FineFrame\Sound\Coordination;
use FineFrame\Sound\Guards;
use FineFrame\Sound\Intermodulation;

/** The wireless links of a setup and their carriers: what hits what, and channels for all of them at once. */
final readonly class RadioPlan
{
    /**
     * Usual guards for analogue voice links: spacing, third order of two and of three, fifth order of two; a maker's own go before. kHz.
     */
    public const GUARDS = [350, 100, 50, 50];

    /** All blocks together are searched so long. */
    private const SECONDS = 2.0;

    /** Among up to so many, moving one or two is tried first. */
    private const FEW = 12;

    /** @var list<Record> */
    public array $links;

    /** @var array<string, int> kHz of what other setups send at the same time, by what it is called */
    private array $others;

    public function __construct(private SetupPlan $setup)
    {
        $this->links = $setup->setup->list('links');
        $others = [];
        foreach ($setup->plan->alongside($setup->setup) as $other) {
            foreach ($other->list('links') as $link) {
                $mhz = $link->number('set_mhz');
                if ($mhz !== null) {
                    $others["{$link->text('name')} in $other->name"] = (int) round(1000 * $mhz);
                }
            }
        }
        $this->others = $others;
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
            if ($mhz !== null) {
                $carriers[$link->id] = (int) round(1000 * $mhz);
            }
        }

        return $carriers;
    }

    /**
     * @return array<int, array{type: string, product: int, generators: list<int>, victim: int, distance: int}> what hits each carrier
     *     first, by carrier
     */
    public function hits(): array
    {
        $own = array_values($this->carriers());
        // Of two side by side the later one is hit.
        $hits = Intermodulation::hits([...array_values($this->others), ...$own], self::guards());

        return array_intersect_key($hits, array_flip($own));
    }

    /** @return list<array{int, int, string}> kHz, and what was heard there */
    public function occupied(): array
    {
        $all = [];
        foreach ($this->setup->location->list('occupied') as $part) {
            [$from, $to] = [$part->number('from_mhz'), $part->number('to_mhz')];
            if (! ($from === null || $to === null)) {
                $all[] = [(int) floor(1000 * $from), (int) ceil(1000 * $to), $part->text('name')];
            }
        }

        return $all;
    }

    /** @param  int|null  $but  kHz of the link that it is named beside: what is set to the same is another’s */
    public function name(int $khz, ?int $but = null): string
    {
        $id = array_search($khz, $khz === $but ? [] : $this->carriers(), true);
        foreach ($this->links as $link) {
            if ($link->id === $id) {
                return $link->text('name');
            }
        }

        return array_search($khz, $this->others, true) ?: number_format($khz / 1000, 3).' MHz';
    }

    /**
     * The repair that disturbs least: one link set anew where one does, or two among few, else all that cannot stay beside the others, each
     * as near to
     * where it was as is free; the rest stay where they are.
     *
     * @return array{edit: Edit, moved: list<string>}|null null where nothing is wrong, or where somebody would find no room
     */
    public function repaired(): ?array
    {
        $carriers = $this->carriers();
        $bad = $this->hit();
        if ($bad === []) {
            return null;
        }
        $hit = array_values(array_filter($this->links, static fn (Record $l): bool => in_array($carriers[$l->id] ?? null, $bad, true)));
        $free = count($this->links) > self::FEW ? [] : $this->movable([...$hit, ...$this->links]);
        foreach ([...array_map(static fn (Record $l): array => [$l], $free), ...self::pairs($free)] as $links) {
            $found = $this->setAnew($links);
            if ($found !== null) {
                return $found;
            }
        }

        return $this->setAnew($this->movable($this->unfit($hit)));
    }

    /**
     * @param  list<Record>  $links
     * @return list<array{Record, Record}>
     */
    private static function pairs(array $links): array
    {
        $pairs = [];
        foreach ($links as $i => $one) {
            foreach (array_slice($links, $i + 1) as $other) {
                $pairs[] = [$one, $other];
            }
        }

        return $pairs;
    }

    /** @return list<int> kHz of those that something falls on */
    private function hit(): array
    {
        $carriers = array_values($this->carriers());
        $taken = array_filter($carriers, fn (int $khz): bool => ! $this->isFree($khz));

        return array_values(array_unique([...array_keys($this->hits()), ...$taken]));
    }

    /** Whether nothing was heard there. */
    private function isFree(int $khz): bool
    {
        return array_filter($this->occupied(), static fn (array $o): bool => $khz > $o[0] && $khz < $o[1]) === [];
    }

    /**
     * @param  list<Record>  $links
     * @return list<Record> each once, those that may be set
     */
    private function movable(array $links): array
    {
        $free = [];
        foreach ($links as $link) {
            if (
                ! $link->flag('locked')
                && $link->number('set_mhz') !== null
                && $link->number('from_mhz') !== null
                && $link->number('to_mhz') !== null
            ) {
                $free[$link->id] = $link;
            }
        }

        return array_values($free);
    }

    /**
     * Those that cannot stay: locked links come first, then those that nothing hits, then the others, and who does not fit beside
     * those before has to go elsewhere.
     *
     * @param  list<Record>  $hit
     * @return list<Record>
     */
    private function unfit(array $hit): array
    {
        $ids = array_map(static fn (Record $l): string => $l->id, $hit);
        $links = $this->links;
        usort(
            $links,
            static fn (Record $a, Record $b): int => [
                $b->flag('locked'),
                in_array($a->id, $ids, true),
            ] <=> [$a->flag('locked'), in_array($b->id, $ids, true)],
        );
        [$set, $unfit, $carriers] = [new CarrierSet(self::guards()), [], $this->carriers()];
        foreach ($this->others as $khz) {
            $set->add($khz);
        }
        foreach ($links as $link) {
            $khz = $carriers[$link->id] ?? null;
            if ($khz === null) {
                continue;
            }
            if ($link->flag('locked') || ($this->isFree($khz) && $set->fits($khz))) {
                $set->add($khz);
            } else {
                $unfit[] = $link;
            }
        }

        return $unfit;
    }

    /**
     * @param  list<Record>  $links  to be set anew, one after the other
     * @return array{edit: Edit, moved: list<string>}|null
     */
    private function setAnew(array $links): ?array
    {
        $carriers = $this->carriers();
        $ids = array_map(static fn (Record $l): string => $l->id, $links);
        $stay = [...array_values(array_diff_key($carriers, array_flip($ids))), ...array_values($this->others)];
        if (
            $links === []
            || Intermodulation::hits($stay, self::guards()) !== []
            || array_filter($stay, fn (int $khz): bool => ! $this->isFree($khz)) !== []
        ) {
            return null;
        }
        $edit = [];
        foreach (self::blocks($links) as $block) {
            $found = $this->search($block[0])->nearest(array_map(static fn (Record $l): int => $carriers[$l->id], $block), $stay);
            if ($found === null) {
                return null;
            }
            foreach ($found as $i => $khz) {
                $edit["/setups/{$this->setup->setup->id}/links/{$block[$i]->id}/set_mhz"] = $khz / 1000;
            }
            $stay = [...$stay, ...$found];
        }

        return ['edit' => new Edit($edit), 'moved' => array_map(static fn (Record $l): string => $l->text('name'), $links)];
    }

    /**
     * @param  list<Record>  $links
     * @return list<non-empty-list<Record>> by what they tune, the narrowest first: these have the least to choose from
     */
    private static function blocks(array $links): array
    {
        $blocks = [];
        foreach ($links as $link) {
            $blocks[$link->number('from_mhz').'-'.$link->number('to_mhz').'-'.$link->number('step_khz')][] = $link;
        }
        $width = static fn (Record $l): float => ($l->number('to_mhz') ?? 0.0) - ($l->number('from_mhz') ?? 0.0);
        usort($blocks, static fn (array $a, array $b): int => $width($a[0]) <=> $width($b[0]));

        return $blocks;
    }

    /** The places that a link tunes to, clear of what was heard. */
    private function search(Record $link): Coordination
    {
        $range = [(int) ceil(1000 * ($link->number('from_mhz') ?? 0.0)), (int) floor(1000 * ($link->number('to_mhz') ?? 0.0))];

        return new Coordination(
            [$range],
            max(1, (int) ($link->number('step_khz') ?? 25.0)),
            self::guards(),
            array_map(static fn (array $o): array => [$o[0], $o[1]], $this->occupied()),
        );
    }

    /**
     * Channels for all links, block by block, clear of what was heard, of each other and of what they make of each other. What
     * is locked stays.
     *
     * @return array{edit: Edit, left: list<string>} what is set, and the names of links for which there is no room in their block
     */
    public function coordinated(float $seconds = self::SECONDS): array
    {
        [$edit, $left, $stays, $free] = [[], [], array_values($this->others), []];
        foreach ($this->links as $link) {
            $set = $link->number('set_mhz');
            if ($link->flag('locked') && $set !== null) {
                $stays[] = (int) round(1000 * $set);
            } elseif ($link->number('from_mhz') !== null && $link->number('to_mhz') !== null) {
                $free[] = $link;
            } else {
                $left[] = $link->text('name');
            }
        }
        $blocks = self::blocks($free);
        foreach ($blocks as $links) {
            $solved = $this->search($links[0])->solve(count($stays) + count($links), $stays, $seconds / count($blocks));
            $found = array_values(array_diff($solved['carriers'], $stays));
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
