<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Document\Record;
use FineFrame\Plan\SetupList;
use FineFrame\Plan\SetupPlan;
use FineFrame\Rundown\Recorded;

/** What cameras and recorders write on one day over all its setups, the cards it goes onto, the drives that it is copied to. */
final readonly class Media
{
    /** Bits of a sample, as sound for pictures is recorded. */
    private const BITS = 24;

    private const COPIES = 2;

    /** @param  array<string, array<string, array{Recorded, string}>>  $recordings  with their names, by what they hold, by device */
    private function __construct(private SetupPlan $setup, public array $recordings)
    {
    }

    /** @return self|null null where the hours are open */
    public static function of(SetupPlan $setup): ?self
    {
        $date = $setup->hours()->date;
        $all = ['pictures' => [], 'sound' => []];
        $first = null;
        foreach ($setup->plan->setups as $other) {
            $of = $other->id === $setup->setup->id ? $setup : $setup->plan->setup($other->id);
            if ($of->hours()->date !== $date || SetupList::taken($other) === []) {
                continue;
            }
            $first ??= $other->id;
            $minutes = self::minutes($of, $first);
            if ($minutes === null) {
                continue;
            }
            $all['pictures'] += self::pictures($of, $minutes);
            $all['sound'] += self::sound($of, $minutes);
        }

        return $all === ['pictures' => [], 'sound' => []] ? null : new self($setup, $all);
    }

    /** @return array<string, float> bytes by device */
    public function needs(string $holds): array
    {
        return array_map(static fn (array $r): float => $r[0]->bytes, $this->recordings[$holds] ?? []);
    }

    public function total(): float
    {
        return array_sum($this->needs('pictures')) + array_sum($this->needs('sound'));
    }

    /**
     * The largest cards go to what writes most; each is used once a day.
     *
     * @return array{cards: int, short: int, changes: int, first: string}|null how many there are, devices that have too few, changes of
     *     cards, and where the first comes; null where none is listed
     */
    public function cards(string $holds): ?array
    {
        $cards = [];
        foreach ($this->setup->plan->brief->list('cards') as $row) {
            $isOf = $row->text('holds') === $holds;
            $there = $isOf ? (int) ($row->number('count') ?? 1.0) : 0;
            array_push($cards, ...array_fill(0, $there, ($row->number('gb') ?? 0.0) * Recorded::GB));
        }
        if ($cards === []) {
            return null;
        }
        $count = count($cards);
        rsort($cards);
        $needs = $this->needs($holds);
        arsort($needs);
        $used = [];
        // One for each first, so that nobody waits; then more for what is not through with its first.
        foreach (array_keys($needs) as $id) {
            $used[$id] = array_filter([array_shift($cards)], static fn (?float $c): bool => $c !== null);
        }
        [$short, $changes, $first] = [0, 0, ''];
        foreach ($needs as $id => $bytes) {
            while (array_sum($used[$id]) < $bytes - 1 && $cards !== []) {
                $used[$id][] = array_shift($cards);
            }
            $short += array_sum($used[$id]) < $bytes - 1 ? 1 : 0;
            $changes += max(0, count($used[$id]) - 1);
            if ($first === '' && count($used[$id]) > 1) {
                [$one, $name] = $this->recordings[$holds][$id];
                $first = $name.' after '.round($one->fits($used[$id][0]) / 60).' min';
            }
        }

        return ['cards' => $count, 'short' => $short, 'changes' => $changes, 'first' => $first];
    }

    /** @return list<Record> */
    public function drives(): array
    {
        return $this->setup->plan->brief->list('drives');
    }

    /** Seconds for a copy on each of two drives, each read again; by the slower where there are two, else as usual. */
    public function copyingS(): float
    {
        $speeds = array_map(static fn (Record $d): float => ($d->number('mb_s') ?? 200.0) * 1e6, $this->drives());
        rsort($speeds);

        return Recorded::copied($this->total(), $speeds[1] ?? $speeds[0] ?? 200e6, self::COPIES, 1);
    }

    /** @return array<string, array{Recorded, string}> */
    private static function pictures(SetupPlan $of, float $minutes): array
    {
        $all = [];
        foreach ($of->cameras as $id => $camera) {
            $mbps = $camera->mode->mbps ?? 0.0;
            if ($mbps > 0.0) {
                $all["{$of->setup->id}/$id"] = [Recorded::at($mbps, 60 * $minutes), $camera->placement->label];
            }
        }

        return $all;
    }

    /** @return array<string, array{Recorded, string}> */
    private static function sound(SetupPlan $of, float $minutes): array
    {
        $all = [];
        foreach ($of->setup->list('recorders') as $recorder) {
            $name = $recorder->text('name');
            $tracks = count(array_filter($of->setup->list('tracks'), static fn (Record $t): bool => $t->text('recorder') === $name));
            if ($tracks > 0) {
                $hertz = 1000 * ($recorder->number('rate_khz') ?? 48.0);
                $all["{$of->setup->id}/$recorder->id"] = [Recorded::sound($hertz, self::BITS, $tracks, 60 * $minutes), $name];
            }
        }

        return $all;
    }

    /** Recorded minutes, where somebody has said; else as long as the hours are. A later setup without hours of its own is not counted. */
    private static function minutes(SetupPlan $of, string $first): ?float
    {
        $length = $of->setup->id === $first || $of->setup->from.$of->setup->to !== '' ? $of->hours()->lengthMin() : null;

        return $length === null ? null : min($length, ($of->hours()->minutes ?? 0.0) > 0.0 ? (float) $of->hours()->minutes : $length);
    }
}
