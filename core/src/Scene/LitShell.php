<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Convex;

/**
 * Walls, floor and ceiling in patches, each with the light that falls on it: by every lamp as far as the patch sees its face,
 * and what comes from all around. Patches are cut finer where light changes fast: at a shadow's edge, at a stripe of sun. Made
 * once for a scene; each lens then only projects it.
 */
final class LitShell
{
    private const COARSE_M = 0.8;

    private const FINE_M = 0.2;

    /** Between a patch's corners, more than this is cut. */
    private const STEP_STOPS = 0.5;

    /** @var array<int, list<array{list<array{float, float, float}>, float}>> corners and stops, by solid */
    private array $patches = [];

    /** @var array<string, float> stops by place on the face that is being cut */
    private array $known = [];

    public function __construct(private readonly Scene $scene, private readonly Shading $shading)
    {
    }

    /** @return list<array{list<array{float, float, float}>, float}> the patches of a flat solid: corners, and stops against the wanted exposure */
    public function of(Solid $solid): array
    {
        return $this->patches[spl_object_id($solid)] ??= $this->cut($solid);
    }

    /** @return list<array{list<array{float, float, float}>, float}> */
    private function cut(Solid $solid): array
    {
        $this->known = [];
        $face = new FlatFace($solid);
        $patches = [];
        [[$left, $low], [$right, $high]] = $face->box();
        for ($x = $left; $x < $right - 1e-6; $x += self::COARSE_M) {
            for ($y = $low; $y < $high - 1e-6; $y += self::COARSE_M) {
                array_push($patches, ...$this->square($face, $x, $y, self::COARSE_M));
            }
        }

        return $patches;
    }

    /** @return list<array{list<array{float, float, float}>, float}> */
    private function square(FlatFace $face, float $x, float $y, float $size): array
    {
        $part = $face->within($x, $y, $size);
        if (count($part) < 3 || Convex::area($part) < 1e-4) {
            return [];
        }
        if ($size > self::FINE_M * 1.01) {
            $stops = array_map(fn (array $p): float => $this->stops($face, $p), $part);
            if (max($stops) - min($stops) > self::STEP_STOPS) {
                $half = $size / 2;

                return [...$this->square($face, $x, $y, $half), ...$this->square($face, $x + $half, $y, $half), ...$this->square($face, $x, $y + $half, $half), ...$this->square($face, $x + $half, $y + $half, $half)];
            }
        }
        $count = count($part);
        $middle = [array_sum(array_column($part, 0)) / $count, array_sum(array_column($part, 1)) / $count];

        return [[array_map(static function (array $p) use ($face): array {
            $at = $face->at($p);

            return [$at->x, $at->y, $at->z];
        }, $part), $this->stops($face, $middle)]];
    }

    /** @param  array{float, float}  $place */
    private function stops(FlatFace $face, array $place): float
    {
        $key = round($place[0], 2).' '.round($place[1], 2);
        if (! isset($this->known[$key])) {
            $at = $face->at($place)->plus($face->normal->times(0.01));
            [$place, $around, $seen] = [[$at->x, $at->y, $at->z], $this->scene->around()->at($at, $face->normal), []];
            foreach (Shading::telling($this->shading->byLamp($place, $face->plane), $around) as $id) {
                $seen[$id] = $this->scene->sees($id, $at);
            }
            $this->known[$key] = $this->shading->stops($place, $face->plane, $seen, $around);
        }

        return $this->known[$key];
    }
}
