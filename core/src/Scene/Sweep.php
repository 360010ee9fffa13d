<?php

declare(strict_types=1);

namespace FineFrame\Scene;

/** A move looked through, step by step: what enters the frame, when, and for how long. */
final class Sweep
{
    private const FINE_S = 0.02;

    /** @var list<Entry>|null */
    private ?array $entries = null;

    /** @var array<string, Intrusions> what the cameras that stand still see */
    private array $others = [];

    public function __construct(private readonly Scene $scene, public readonly Path $path)
    {
    }

    /** @return list<Entry> in the order of their beginnings */
    public function entries(): array
    {
        return $this->entries ??= $this->looked();
    }

    /** @return list<Entry> */
    private function looked(): array
    {
        $open = $entries = [];
        $before = null;
        foreach ($this->path->moments() as $moment) {
            $seen = $this->seen($moment);
            foreach (array_diff_key($open, $seen) as $key => $entry) {
                $entries[] = $entry;
                unset($open[$key]);
            }
            foreach ($seen as $key => [$owner, $kind, $by, $share]) {
                $entry = $open[$key] ?? new Entry($owner, $kind, $by, $before === null ? $moment : $this->entered($key, $before, $moment), $moment, 0.0, $moment);
                $open[$key] = new Entry($owner, $kind, $by, $entry->fromS, $moment, max($share, $entry->worst), $share > $entry->worst ? $moment : $entry->worstS);
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
            isset($this->seen($middle)[$key]) ? $to = $middle : $from = $middle;
        }

        return $to;
    }

    /** @return array<string, array{string, ThingKind, string, float}> what is seen, its kind, by which camera, and its share of the frame */
    private function seen(float $moment): array
    {
        $view = $this->path->at($moment);
        $mine = $view->camera->placement->id;
        $seen = [];
        foreach ((new Intrusions($this->scene, $view))->all() as $intrusion) {
            $seen["$mine/$intrusion->owner"] = [$intrusion->owner, $intrusion->kind, $mine, $intrusion->share];
        }
        $solids = count($this->scene->views) > 1 ? Gear::camera($view->camera, $view->forwardVector()) : [];
        foreach ($this->scene->views as $id => $other) {
            $share = (string) $id === $mine ? 0.0 : ($this->others[$id] ??= new Intrusions($this->scene, $other, $mine))->share($solids);
            if ($share > Intrusions::LEAST_SHARE) {
                $seen["$id/$mine"] = [$mine, ThingKind::Camera, (string) $id, $share];
            }
        }

        return $seen;
    }
}
