<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Document\Node;

/** Facts of the world that a plan goes by and that nobody has measured yet, by pointer. What is set by anybody is assumed no longer. */
final readonly class Assumed
{
    private const KEY = 'assumed';

    /** @param  list<string>  $pointers */
    private function __construct(public array $pointers)
    {
    }

    public static function read(Node $root): self
    {
        return new self($root->flagged(self::KEY));
    }

    public function has(string $pointer): bool
    {
        return in_array($pointer, $this->pointers, true);
    }

    /** @return list<string> those of one place and one setup */
    public function of(SetupPlan $setup): array
    {
        $at = ["/locations/{$setup->location->id}/", "/setups/{$setup->setup->id}/"];

        return array_values(array_filter(
            $this->pointers,
            static fn (string $p): bool => str_starts_with($p, $at[0]) || str_starts_with($p, $at[1]),
        ));
    }

    /** In words: the ceiling height, a door, somebody's height. */
    public function name(SetupPlan $setup, string $pointer): string
    {
        $path = explode('/', $pointer);
        $field = (string) end($path);
        $opening = array_column($setup->location->space->openings, 'name', 'id')[$path[5] ?? ''] ?? null;

        return match (true) {
            $opening !== null => $opening,
            $field === 'height_m' => 'ceiling height',
            $field === 'ambient_lux' => 'light of the room',
            $field === 'stature_m' => 'height of '.$setup->name($path[4]),
            default => strtr($field, '_', ' '),
        };
    }

    /** @return array<string, array<string, true>> nothing where nothing is assumed */
    public function write(): array
    {
        return $this->pointers === [] ? [] : [self::KEY => array_fill_keys($this->pointers, true)];
    }

    /** What stands at a pointer; null where it leads nowhere. */
    public function value(ShootPlan $plan, string $pointer): mixed
    {
        return self::at(PlanWriter::document($plan), $pointer);
    }

    /** @return Edit|null somebody says that the number is right; null where it is not assumed */
    public function confirmed(ShootPlan $plan, string $pointer): ?Edit
    {
        return $this->has($pointer) ? new Edit([$pointer => $this->value($plan, $pointer)]) : null;
    }

    /**
     * What is left of it after a change. What is set itself goes, whatever to; of a list that is set anew, what has another value.
     *
     * @param  array<array-key, mixed>  $before
     * @param  array<array-key, mixed>  $after
     * @param  list<string>  $set
     * @return array<array-key, mixed>  the document after it
     */
    public static function after(array $before, array $after, array $set): array
    {
        if (in_array('/'.self::KEY, $set, true)) {
            return $after;
        }
        $assumed = (array) ($before[self::KEY] ?? []);
        $left = array_filter(
            $assumed,
            static fn (string $p): bool => ! in_array($p, $set, true) && self::at($before, $p) === self::at($after, $p),
            ARRAY_FILTER_USE_KEY,
        );

        return $left === [] ? array_diff_key($after, [self::KEY => null]) : [self::KEY => $left] + $after;
    }

    /** @param  array<array-key, mixed>  $document */
    private static function at(array $document, string $pointer): mixed
    {
        $at = $document;
        foreach (array_slice(explode('/', $pointer), 1) as $step) {
            $at = $at instanceof \stdClass ? (array) $at : $at;
            $key = is_array($at) && array_is_list($at) ? array_search($step, array_column($at, 'id'), true) : $step;
            $at = is_array($at) && $key !== false ? $at[$key] ?? null : null;
        }

        return is_int($at) ? (float) $at : $at;
    }
}
