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

    /** Within a patch the light runs evenly from corner to corner: it is drawn in steps as fine as this, by at most so many a side. */
    private const SMOOTH_STOPS = 0.12;

    private const MOST_STEPS = 3;

    /** @var array<int, list<array{list<array{float, float, float}>, float}>> corners and stops, by solid */
    private array $patches = [];

    /** @var array<string, float> stops by place on the face that is being cut */
    private array $known = [];

    public function __construct(private readonly Scene $scene, private readonly Shading $shading)
    {
    }

    /**
     * @return list<array{list<array{float, float, float}>, float}> the patches of a flat solid: corners, and stops against the wanted
     *     exposure
     */
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

                return [
                    ...$this->square($face, $x, $y, $half),
                    ...$this->square($face, $x + $half, $y, $half),
                    ...$this->square($face, $x, $y + $half, $half),
                    ...$this->square($face, $x + $half, $y + $half, $half),
                ];
            }
        }
        $count = count($part);
        $middle = [array_sum(array_column($part, 0)) / $count, array_sum(array_column($part, 1)) / $count];
        $isWhole = $count === 4 && Convex::area($part) > 0.999 * $size ** 2;

        return $isWhole ? $this->even($face, $x, $y, $size) : [$this->patch($face, $part, $this->stops($face, $middle))];
    }

    /** @return list<array{list<array{float, float, float}>, float}> a whole square in steps, each by its place between the corners */
    private function even(FlatFace $face, float $x, float $y, float $size): array
    {
        $corner = fn (float $u, float $v): float => $this->stops($face, [$x + $u * $size, $y + $v * $size]);
        [$a, $b, $c, $d] = [$corner(0, 0), $corner(1, 0), $corner(0, 1), $corner(1, 1)];
        $steps = max(1, min(self::MOST_STEPS, (int) ceil((max($a, $b, $c, $d) - min($a, $b, $c, $d)) / self::SMOOTH_STOPS)));
        $patches = [];
        for ($i = 0; $i < $steps; $i++) {
            for ($j = 0; $j < $steps; $j++) {
                [$u, $v] = [($i + 0.5) / $steps, ($j + 0.5) / $steps];
                $stops = (1 - $v) * ((1 - $u) * $a + $u * $b) + $v * ((1 - $u) * $c + $u * $d);
                [$left, $low, $side] = [$x + $i * $size / $steps, $y + $j * $size / $steps, $size / $steps];
                $patches[] = $this->patch(
                    $face,
                    [[$left, $low], [$left + $side, $low], [$left + $side, $low + $side], [$left, $low + $side]],
                    $stops,
                );
            }
        }

        return $patches;
    }

    /**
     * @param  list<array{float, float}>  $part
     * @return array{list<array{float, float, float}>, float}
     */
    private function patch(FlatFace $face, array $part, float $stops): array
    {
        return [array_map(static function (array $p) use ($face): array {
            $at = $face->at($p);

            return [$at->x, $at->y, $at->z];
        }, $part), $stops];
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
