<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Camera\DepthOfField;
use FineFrame\Geometry\Convex;
use FineFrame\Staging\Finish;

/**
 * What a lens sees, as polygons from back to front: faces turned away and parts outside are gone, and solids are ordered
 * by planes that part them (convex solids; Newell, Newell & Sancha 1972), so that near ones cover far ones.
 */
final class FramePicture
{
    private const OVER = 1.06;

    /** @var list<FramePolygon> from back to front */
    public array $polygons = [];

    private readonly Shading $shading;

    private readonly ?DepthOfField $dof;

    /** Where the lens is focused, metres along its axis; null on nobody. */
    private readonly ?float $focusM;

    /** @param  list<Solid>  $solids  what stands in the room, as far as it may be seen */
    private function __construct(
        private readonly Scene $scene,
        private readonly LensView $real,
        private readonly LensView $view,
        private readonly array $solids,
        private readonly bool $isLit = false,
    ) {
        $this->shading = $scene->shading();
        $body = $scene->setup->bodyFor($real->camera);
        $focus = $body === null ? 0.0 : $real->depth($body->eyes);
        $this->focusM = $focus > $real->camera->effectiveFocalMm() / 1000 ? $focus : null;
        $this->dof = $this->focusM === null ? null : $real->camera->depthOfField();
    }

    /** @param  bool  $isLit  with shadows and the lamps' pools on walls and floor, which takes longer */
    public static function of(Scene $scene, LensView $view, bool $isLit = false): self
    {
        $picture = new self($scene, $view, $view, $scene->solidsSeenBy($view->camera), $isLit);
        $polygons = $picture->painted();
        foreach (Pane::allOf($scene) as $pane) {
            $frame = $pane->isWindow ? [] : $pane->outline($view);
            $mirror = count($frame) < 3 ? null : $pane->mirrored($view);
            if ($mirror !== null) {
                $polygons = self::reflected(
                    $polygons,
                    $pane,
                    (new self(
                        $scene,
                        $view,
                        $mirror,
                        array_values(array_filter($scene->solids, static fn (Solid $s): bool => $s->owner !== $pane->owner)),
                    ))->painted(),
                    $frame,
                );
            }
        }
        $picture->polygons = $polygons;

        return $picture;
    }

    /** @return list<FramePolygon> from back to front */
    private function painted(): array
    {
        [$behind, $seen] = [[], []];
        foreach ([...$this->scene->shell, ...$this->solids] as $solid) {
            $one = $this->see($solid);
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
        foreach ([...$behind, ...self::ordered($seen, $this->view->eye)] as $one) {
            array_push($polygons, ...$one->faces);
        }

        return $polygons;
    }

    /**
     * What a pane gives back, laid over its last face and under whatever stands before it.
     *
     * @param  list<FramePolygon>  $polygons
     * @param  list<FramePolygon>  $mirrored
     * @param  list<array{float, float}>  $frame
     * @return list<FramePolygon>
     */
    private static function reflected(array $polygons, Pane $pane, array $mirrored, array $frame): array
    {
        $at = array_keys(array_filter($polygons, static fn (FramePolygon $p): bool => $p->owner === $pane->owner));
        if ($at === []) {
            return $polygons;
        }
        $opacity = match ($pane->finish) {
            Finish::Mirror => 0.92,
            Finish::Screen => 0.3,
            default => 0.22,
        };
        $given = [];
        foreach ($mirrored as $p) {
            $points = Convex::within($p->points, $frame);
            if (count($points) >= 3) {
                $given[] = new FramePolygon($pane->owner, $p->kind, $p->material, $points, $p->stops, $p->blur, $opacity);
            }
        }
        array_splice($polygons, max($at) + 1, 0, $given);

        return $polygons;
    }

    private function see(Solid $solid): ?SeenSolid
    {
        $view = $this->view;
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
            if ($this->isLit && $solid->isFlat() && $solid->kind === ThingKind::Room) {
                array_push($faces, ...$this->patches($solid));

                continue;
            }
            $points = self::project(array_map(static fn (int $p): array => $ahead[$p], $face), $view);
            if ($points !== []) {
                $faces[] = new FramePolygon(
                    $solid->owner,
                    $solid->kind,
                    $solid->faceMaterials[$i] ?? $solid->material,
                    $points,
                    $this->shading->stops(
                        self::middle($solid, $face),
                        $plane,
                        $this->isLit ? $this->scene->seenBy($solid) : [],
                        $this->isLit ? $this->scene->around()->on($solid, $plane) : null,
                    ),
                    $this->blur(array_map(static fn (int $p): float => $ahead[$p][2], $face)),
                );
            }
        }
        foreach ($faces === [] ? [] : $solid->decals as [$corners, $material]) {
            array_push($faces, ...$this->decal($solid, $corners, $material));
        }

        return $faces === [] ? null : self::boxed($solid, $faces, min($depths), max($depths));
    }

    /**
     * @return list<FramePolygon> a wall, the floor or the ceiling by its lit patches, over the whole of it: nothing darker shines through
     *     their seams
     */
    private function patches(Solid $solid): array
    {
        $all = [];
        $patches = $this->scene->lit()->of($solid);
        $mean = array_sum(array_column($patches, 1)) / max(1, count($patches));
        foreach ([[$solid->points, $mean], ...$patches] as [$corners, $stops]) {
            $ahead = array_map($this->view->seen(...), $corners);
            $depths = array_column($ahead, 2);
            $points = $depths === [] || max($depths) < LensView::NEAR_M ? [] : self::project($ahead, $this->view);
            if ($points !== []) {
                $all[] = new FramePolygon($solid->owner, $solid->kind, $solid->material, $points, $stops, $this->blur($depths));
            }
        }

        return $all;
    }

    /**
     * By the mean depth of what lies before the lens; one measure for a face, which on a long wall is a compromise.
     *
     * @param  list<float>  $depths
     */
    private function blur(array $depths): float
    {
        if ($this->focusM === null || $this->dof === null) {
            return 0.0;
        }
        $depths = array_map(static fn (float $d): float => max(0.3, $d), $depths);

        return $this->dof->blurMm($this->focusM, array_sum($depths) / count($depths)) / $this->real->camera->delivered->widthMm;
    }

    /**
     * @param  non-empty-list<array{float, float, float}>  $corners
     * @return list<FramePolygon>
     */
    private function decal(Solid $solid, array $corners, Material $material): array
    {
        $view = $this->view;
        $mark = new Solid($solid->owner, $solid->kind, $material, $corners, [array_keys($corners)]);
        $plane = $mark->planes()[0];
        if ($plane[3] >= $plane[0] * $view->eye[0] + $plane[1] * $view->eye[1] + $plane[2] * $view->eye[2]) {
            return [];
        }
        $ahead = array_map($view->seen(...), $corners);
        $points = self::project($ahead, $view);

        return $points === []
            ? []
            : [
                new FramePolygon(
                    $solid->owner,
                    $solid->kind,
                    $material,
                    $points,
                    $this->shading->stops($mark->centre, $plane),
                    $this->blur(array_column($ahead, 2)),
                ),
            ];
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
                $points[] = [
                    ($last[0] + $t * ($point[0] - $last[0])) / (LensView::NEAR_M * $view->tanX),
                    ($last[1] + $t * ($point[1] - $last[1])) / (LensView::NEAR_M * $view->tanY),
                ];
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
            // A little beyond the frame, so that blur does not darken its edges.
            $points = Convex::clip($points, self::OVER, self::OVER);
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
