<?php

declare(strict_types=1);

namespace FineFrame\Scene;

/** What a room's surfaces get and give back of one kind of light. */
final readonly class RoomGlow
{
    /**
     * @param  list<float>  $lux  on each patch, then on each piece of clutter, all told
     * @param  list<float>  $back  lumens a square metre that each gives back
     * @param  array<int, array<int, float>>  $parts  the same of each part of each patch: its own direct light, and the rest as on the
     *     whole patch
     */
    private function __construct(public array $lux, public array $back, public array $parts)
    {
    }

    public static function none(RoomPatches $patches): self
    {
        $none = array_fill(0, count($patches->all) + count($patches->clutter), 0.0);

        return new self($none, $none, array_map(static fn (array $parts): array => array_fill(0, count($parts), 0.0), $patches->parts));
    }

    /**
     * @param  list<float>  $gives
     * @param  array<int, array<int, float>>  $onParts  direct lux
     * @param  list<float>  $direct  lux on patches and clutter
     * @param  list<float>  $indirect  the same of what comes back
     */
    public static function of(RoomPatches $patches, array $gives, array $onParts, array $direct, array $indirect): self
    {
        $lux = array_map(static fn (float $d, float $i): float => $d + $i, $direct, $indirect);
        $parts = [];
        foreach ($patches->all as $i => $patch) {
            $parts[] = array_map(static fn (float $d): float => $patch->gives * ($d + $indirect[$i]), $onParts[$i]);
        }

        return new self($lux, array_map(static fn (float $l, float $g): float => $l * $g, $lux, $gives), $parts);
    }

    /** @return list<float> all of it in a row */
    public function numbers(): array
    {
        return array_merge($this->lux, $this->back, ...array_map(array_values(...), $this->parts));
    }

    /** @param  list<float>  $numbers  as `numbers` gives them of the same patches */
    public static function read(RoomPatches $patches, array $numbers): self
    {
        $count = count($patches->all) + count($patches->clutter);
        $at = 2 * $count;
        $parts = [];
        foreach ($patches->parts as $of) {
            $parts[] = array_slice($numbers, $at, count($of));
            $at += count($of);
        }

        return new self(array_slice($numbers, 0, $count), array_slice($numbers, $count, $count), $parts);
    }

    public function times(float $factor): self
    {
        $by = static fn (float $v): float => $factor * $v;

        return new self(
            array_map($by, $this->lux),
            array_map($by, $this->back),
            array_map(static fn (array $row): array => array_map($by, $row), $this->parts),
        );
    }
}
