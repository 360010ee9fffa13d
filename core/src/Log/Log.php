<?php

declare(strict_types=1);

namespace FineFrame\Log;

/**
 * Marks of several devices, joined: the same whatever came first, and however often. Each is set in time by its device’s clock and how
 * far that is off; a clock set back never turns a device’s own marks round. What is undone is left out; an undo can be undone in turn.
 */
final class Log
{
    /** @var array<string, Mark> in their order */
    public readonly array $marks;

    /** @var array<string, float> true time by id, milliseconds */
    private readonly array $times;

    /** @var array<string, true> */
    private readonly array $undone;

    /**
     * @param  iterable<Mark>  $marks  in whatever order, with repeats
     * @param  array<string, float>  $offsetMs  by device: what to add to its clock
     *
     * @throws UnreadableMark where one id has two contents, or one counter two ids
     */
    public function __construct(iterable $marks, array $offsetMs = [])
    {
        $byDevice = $all = [];
        foreach ($marks as $mark) {
            if (isset($all[$mark->id]) && ! $all[$mark->id]->isSameAs($mark)) {
                throw UnreadableMark::twice($mark->id);
            }
            $other = $byDevice[$mark->device][$mark->n] ?? $mark;
            if ($other->id !== $mark->id) {
                throw UnreadableMark::counted($mark->device, $mark->n);
            }
            $all[$mark->id] = $byDevice[$mark->device][$mark->n] = $mark;
        }
        $times = [];
        foreach ($byDevice as $device => $own) {
            ksort($own);
            $latest = -INF;
            foreach ($own as $mark) {
                $latest = max($latest, $mark->atMs + ($offsetMs[$device] ?? 0.0));
                $times[$mark->id] = $latest;
            }
        }
        uasort($all, static fn (Mark $a, Mark $b): int => $times[$a->id] <=> $times[$b->id]
            ?: strcmp($a->device, $b->device) ?: $a->n <=> $b->n);
        [$this->marks, $this->times] = [$all, $times];
        $this->undone = $this->takenBack();
    }

    public function at(string $id): float
    {
        return $this->times[$id];
    }

    /** @return list<string> ids in their order */
    public function undone(): array
    {
        return array_values(array_filter(array_keys($this->marks), fn (string $id): bool => isset($this->undone[$id])));
    }

    /** @return list<Mark> what counts, in order */
    public function standing(): array
    {
        return array_values(array_filter(
            $this->marks,
            fn (Mark $m): bool => $m->kind !== 'undo' && ! isset($this->undone[$m->id]),
        ));
    }

    /** @return array<string, list<int>> counters that are missing, by device */
    public function gaps(): array
    {
        $counters = [];
        foreach ($this->marks as $mark) {
            $counters[$mark->device][] = $mark->n;
        }
        ksort($counters, SORT_STRING);

        return array_filter(array_map(
            static fn (array $n): array => array_values(array_diff(range(1, max($n)), $n)),
            $counters,
        ));
    }

    /**
     * What each lacks of what all have.
     *
     * @param  array<string, list<string>>  $have  ids by device
     * @return array<string, list<string>>
     */
    public static function missing(array $have): array
    {
        $all = array_values(array_unique(array_merge([], ...array_values($have))));
        sort($all, SORT_STRING);

        return array_map(static fn (array $ids): array => array_values(array_diff($all, $ids)), $have);
    }

    /** @return array<string, true> */
    private function takenBack(): array
    {
        $undos = $place = [];
        foreach (array_values($this->marks) as $i => $mark) {
            $place[$mark->id] = $i;
            if ($mark->kind === 'undo' && $mark->text('target') !== $mark->id) {
                $undos[$mark->text('target')][] = $mark->id;
            }
        }
        $undone = [];
        // From the last on: whether an undo stands is settled by those after it alone.
        foreach (array_reverse(array_values($this->marks)) as $mark) {
            foreach ($mark->kind === 'undo' ? $undos[$mark->id] ?? [] : [] as $by) {
                if ($place[$by] > $place[$mark->id] && ! isset($undone[$by])) {
                    $undone[$mark->id] = true;
                }
            }
        }
        foreach ($this->marks as $mark) {
            foreach ($mark->kind === 'undo' ? [] : $undos[$mark->id] ?? [] as $by) {
                if (! isset($undone[$by])) {
                    $undone[$mark->id] = true;
                }
            }
        }

        return $undone;
    }
}
