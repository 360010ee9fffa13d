<?php

declare(strict_types=1);

namespace FineFrame\Scene;

/** Light as it first meets the parts of a room and what stands there. */
final class DirectLux
{
    /** @var array<int, array<int, float>> by patch and part */
    public array $onParts;

    /** @var array<int, float> by piece of clutter */
    public array $lumensOnClutter;

    /** @var array<string, float> lumens that surfaces give back at once, by lamp */
    public array $givenByLamp = [];

    public function __construct(RoomPatches $patches)
    {
        $this->onParts = array_map(static fn (array $parts): array => array_fill(0, count($parts), 0.0), $patches->parts);
        $this->lumensOnClutter = array_fill(0, count($patches->clutter), 0.0);
    }

    /** @return list<float> lux, the mean over each patch's parts */
    public function onPatches(RoomPatches $patches): array
    {
        $lux = [];
        foreach ($patches->parts as $i => $parts) {
            [$lumens, $area] = [0.0, 0.0];
            foreach ($parts as $k => $part) {
                $lumens += $part->areaM2 * $this->onParts[$i][$k];
                $area += $part->areaM2;
            }
            $lux[] = $area > 0.0 ? $lumens / $area : 0.0;
        }

        return $lux;
    }

    public function add(self $other, float $scale): void
    {
        foreach ($other->onParts as $i => $parts) {
            foreach ($parts as $k => $lux) {
                $this->onParts[$i][$k] += $scale * $lux;
            }
        }
        foreach ($other->lumensOnClutter as $c => $lumens) {
            $this->lumensOnClutter[$c] += $scale * $lumens;
        }
    }

    /** What surfaces give back of it at once, lumens. */
    public function given(RoomPatches $patches): float
    {
        $lumens = Clutter::GIVES * array_sum($this->lumensOnClutter);
        foreach ($patches->parts as $i => $parts) {
            foreach ($parts as $k => $part) {
                $lumens += $part->gives * $part->areaM2 * $this->onParts[$i][$k];
            }
        }

        return $lumens;
    }

    /** All of it, lumens. */
    public function lumens(RoomPatches $patches): float
    {
        $lumens = array_sum($this->lumensOnClutter);
        foreach ($patches->parts as $i => $parts) {
            foreach ($parts as $k => $part) {
                $lumens += $part->areaM2 * $this->onParts[$i][$k];
            }
        }

        return $lumens;
    }
}
