<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Convex;

/**
 * What a lens sees, as polygons from back to front: faces turned away and parts outside are gone, and solids are ordered
 * by planes that part them (convex solids; Newell, Newell & Sancha 1972), so that near ones cover far ones.
 */
final readonly class FramePicture
{
    /** @param  list<FramePolygon>  $polygons from back to front */
    private function __construct(public array $polygons)
    {
    }

    public static function of(Scene $scene, LensView $view): self
    {
        $shading = new Shading($scene->setup, $scene->lamps);
        [$behind, $seen] = [[], []];
        foreach ([...$scene->shell, ...$scene->solidsSeenBy($view->camera)] as $solid) {
            $one = self::see($solid, $view, $shading);
            if ($one === null) {
                continue;
            }
            if (in_array($solid->material, [Material::Floor, Material::Ceiling], true)) {
                $behind[] = $one;
            } else {
                $seen[] = $one;
            }
        }
        $polygons = [];
        foreach ([...$behind, ...self::ordered($seen, $view->eye)] as $one) {
            array_push($polygons, ...$one->faces);
        }

        return new self($polygons);
    }

    private static function see(Solid $solid, LensView $view, Shading $shading): ?SeenSolid
    {
        if (! $view->mayShow($solid)) {
            return null;
        }
        $ahead = array_map($view->seen(...), $solid->points);
        $depths = array_column($ahead, 2);
        if (max($depths) < LensView::NEAR_M) {
            return null;
        }
        $faces = [];
        foreach ($solid->faces as $i => $face) {
            $plane = $solid->planes()[$i];
            if ($plane[3] >= $plane[0] * $view->eye[0] + $plane[1] * $view->eye[1] + $plane[2] * $view->eye[2]) {
                continue;
            }
            $points = self::project(array_map(static fn (int $p): array => $ahead[$p], $face), $view);
            if ($points !== []) {
                $faces[] = new FramePolygon($solid->owner, $solid->kind, $solid->faceMaterials[$i] ?? $solid->material, $points, $shading->stops(self::middle($solid, $face), $plane));
            }
        }
        foreach ($faces === [] ? [] : $solid->decals as [$corners, $material]) {
            array_push($faces, ...self::decal($solid, $corners, $material, $view, $shading));
        }

        return $faces === [] ? null : self::boxed($solid, $faces, min($depths), max($depths));
    }

    /**
     * @param  non-empty-list<array{float, float, float}>  $corners
     * @return list<FramePolygon>
     */
    private static function decal(Solid $solid, array $corners, Material $material, LensView $view, Shading $shading): array
    {
        $mark = new Solid($solid->owner, $solid->kind, $material, $corners, [array_keys($corners)]);
        $plane = $mark->planes()[0];
        if ($plane[3] >= $plane[0] * $view->eye[0] + $plane[1] * $view->eye[1] + $plane[2] * $view->eye[2]) {
            return [];
        }
        $points = self::project(array_map($view->seen(...), $corners), $view);

        return $points === [] ? [] : [new FramePolygon($solid->owner, $solid->kind, $material, $points, $shading->stops($mark->centre, $plane))];
    }

    /**
     * Cuts at the near plane, projects, and cuts at the recorded frame.
     *
     * @param  list<array{float, float, float}>  $ahead
     * @return list<array{float, float}>
     */
    private static function project(array $ahead, LensView $view): array
    {
        $points = [];
        $inside = true;
        $last = $ahead[count($ahead) - 1];
        foreach ($ahead as $point) {
            if (($point[2] < LensView::NEAR_M) !== ($last[2] < LensView::NEAR_M)) {
                $t = (LensView::NEAR_M - $last[2]) / ($point[2] - $last[2]);
                $points[] = [($last[0] + $t * ($point[0] - $last[0])) / (LensView::NEAR_M * $view->tanX), ($last[1] + $t * ($point[1] - $last[1])) / (LensView::NEAR_M * $view->tanY)];
                $inside = false;
            }
            if ($point[2] >= LensView::NEAR_M) {
                $p = [$point[0] / ($point[2] * $view->tanX), $point[1] / ($point[2] * $view->tanY)];
                $inside = $inside && abs($p[0]) <= 1 && abs($p[1]) <= 1;
                $points[] = $p;
            }
            $last = $point;
        }
        if (! $inside) {
            $points = Convex::clip($points, 1.0, 1.0);
        }

        return count($points) < 3 ? [] : $points;
    }

    /**
     * @param  list<int>  $face
     * @return array{float, float, float}
     */
    private static function middle(Solid $solid, array $face): array
    {
        [$x, $y, $z, $n] = [0.0, 0.0, 0.0, count($face)];
        foreach ($face as $p) {
            $x += $solid->points[$p][0];
            $y += $solid->points[$p][1];
            $z += $solid->points[$p][2];
        }

        return [$x / $n, $y / $n, $z / $n];
    }

    /** @param  non-empty-list<FramePolygon>  $faces */
    private static function boxed(Solid $solid, array $faces, float $near, float $far): SeenSolid
    {
        [$left, $right, $bottom, $top] = [1.0, -1.0, 1.0, -1.0];
        foreach ($faces as $face) {
            foreach ($face->points as [$x, $y]) {
                $left = min($left, $x);
                $right = max($right, $x);
                $bottom = min($bottom, $y);
                $top = max($top, $y);
            }
        }

        return new SeenSolid($solid, $faces, $left, $right, $bottom, $top, $near, $far);
    }

    /**
     * Sorts so that whatever covers another comes after it; a ring of covers is broken at the farthest.
     *
     * @param  list<SeenSolid>  $seen
     * @param  array{float, float, float}  $eye
     * @return list<SeenSolid>
     */
    private static function ordered(array $seen, array $eye): array
    {
        usort($seen, static fn (SeenSolid $a, SeenSolid $b): int => $b->far <=> $a->far);
        $count = count($seen);
        [$covers, $waits] = [array_fill(0, $count, []), array_fill(0, $count, 0)];
        for ($i = 0; $i < $count; $i++) {
            for ($j = $i + 1; $j < $count; $j++) {
                $order = $seen[$i]->overlaps($seen[$j]) ? $seen[$i]->against($seen[$j], $eye) : 0;
                if ($order !== 0) {
                    [$first, $then] = $order > 0 ? [$j, $i] : [$i, $j];
                    $covers[$first][] = $then;
                    $waits[$then]++;
                }
            }
        }
        $sorted = [];
        $left = array_fill_keys(array_keys($seen), true);
        while ($left !== []) {
            $next = array_key_first($left);
            foreach ($left as $i => $_) {
                if ($waits[$i] <= 0) {
                    $next = $i;
                    break;
                }
            }
            unset($left[$next]);
            $sorted[] = $seen[$next];
            foreach ($covers[$next] as $then) {
                $waits[$then]--;
            }
        }

        return $sorted;
    }
}
