<?php

declare(strict_types=1);

namespace FineFrame\Scene;

/** A move looked through, step by step: what enters the frame, when, and for how long. */
final class Sweep
{
    private const FINE_S = 0.02;

    /** @var list<array{float, LensView}>|null */
    private ?array $steps = null;

    /** @var list<Entry>|null */
    private ?array $entries = null;

    /** @var array<string, Intrusions> what the cameras that stand still see */
    private array $others = [];

    public function __construct(private readonly Scene $scene, public readonly Path $path)
    {
    }

    /** @return list<array{float, LensView}> the moments it is looked through at, and the views */
    public function steps(): array
    {
        return $this->steps ??= array_map(fn (float $m): array => [$m, $this->path->at($m)], $this->path->moments());
    }

    /** @return list<Entry> in the order of their beginnings */
    public function entries(): array
    {
        return $this->entries ??= $this->looked();
    }

    /** The share of the frame that something takes at a moment, 1 at most. */
    public function shareAt(Entry $entry, float $moment): float
    {
        $view = $this->path->at($moment);
        $mine = $view->camera->placement->id;
        $share = $entry->seenBy === $mine
            ? (new Intrusions($this->scene, $view))->share($this->scene->unwanted()[$entry->owner] ?? [])
            : $this->other($entry->seenBy, $mine)->share($this->scene->standing($view));

        return min(1.0, $share);
    }

    /** @return list<Entry> */
    private function looked(): array
    {
        $open = $entries = [];
        $before = null;
        foreach ($this->steps() as [$moment, $view]) {
            $seen = $this->seen($view);
            foreach (array_diff_key($open, $seen) as $key => $entry) {
                $entries[] = $entry;
                unset($open[$key]);
            }
            foreach ($seen as $key => [$owner, $by]) {
                $open[$key] = new Entry(
                    $owner,
                    $by,
                    $open[$key]->fromS ?? ($before === null ? $moment : $this->entered($key, $before, $moment)),
                    $moment,
                );
            }
            $before = $moment;
        }
        array_push($entries, ...array_values($open));
        usort($entries, static fn (Entry $a, Entry $b): int => [$a->fromS, $a->owner] <=> [$b->fromS, $b->owner]);

        return $entries;
    }

    private function entered(string $key, float $from, float $to): float
    {
        while ($to - $from > self::FINE_S) {
            $middle = ($from + $to) / 2;
            if (isset($this->seen($this->path->at($middle))[$key])) {
                $to = $middle;
            } else {
                $from = $middle;
            }
        }

        return $to;
    }

    /** @return array<string, array{string, string}> what is seen, and by which camera */
    private function seen(LensView $view): array
    {
        $mine = $view->camera->placement->id;
        $seen = [];
        foreach ((new Intrusions($this->scene, $view))->owners() as $owner) {
            $seen["$mine/$owner"] = [$owner, $mine];
        }
        $around = Gear::around($view->camera, $view->forwardVector());
        foreach ($this->scene->views as $id => $other) {
            if ((string) $id === $mine || ! $other->mayShow($around)) {
                continue;
            }
            // The camera itself is looked for first, whoever carries it only when that is hidden.
            $lens = $this->other((string) $id, $mine);
            if ($lens->shows($this->scene->onSupport($view)) || $lens->shows($this->scene->atCamera($view))) {
                $seen["$id/$mine"] = [$mine, (string) $id];
            }
        }

        return $seen;
    }

    private function other(string $id, string $mine): Intrusions
    {
        return $this->others[$id] ??= new Intrusions($this->scene, $this->scene->views[$id], $mine);
    }
}
