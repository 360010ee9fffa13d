<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Convex;
use FineFrame\Geometry\Vec3;

/** Something of the shoot that shows in a pane: a lamp, a camera, someone of the crew. */
final readonly class Reflection
{
    private const FINEST = 0.03;

    /**
     * @param  float  $share  of the delivered frame
     * @param  list<list<array{float, float}>>  $outlines  where it shows, in the recorded frame
     */
    private function __construct(public Pane $pane, public string $owner, public float $share, public array $outlines)
    {
    }

    /** @return list<self> */
    public static function in(Scene $scene, LensView $view): array
    {
        $all = [];
        foreach (Pane::allOf($scene) as $pane) {
            $frame = $pane->outline($view);
            $frame = count($frame) < 3 ? [] : Convex::clip($frame, $view->cropX, $view->cropY);
            $mirror = count($frame) < 3 ? null : $pane->mirrored($view);
            if ($mirror === null) {
                continue;
            }
            $mine = $view->camera->placement->id;
            $everything = [...$scene->shell, ...$scene->solids];
            // What may stand before the glass, and what the glass may show.
            $there = array_values(array_filter($everything, static fn (Solid $s): bool => $s->owner !== $mine && $s->owner !== $pane->owner && $view->mayShow($s)));
            $back = array_values(array_filter($everything, static fn (Solid $s): bool => $mirror->mayShow($s)));
            foreach ($scene->unwanted() as $owner => $solids) {
                if (array_filter($solids, $mirror->mayShow(...)) === []) {
                    continue;
                }
                $one = self::of($view, $mirror, $pane, $frame, (string) $owner, $solids, $there, $back);
                $one->share <= Intrusions::LEAST_SHARE ?: $all[] = $one;
            }
        }

        return $all;
    }

    /**
     * @param  list<array{float, float}>  $frame
     * @param  list<Solid>  $solids
     * @param  list<Solid>  $there
     * @param  list<Solid>  $back
     */
    private static function of(LensView $view, LensView $mirror, Pane $pane, array $frame, string $owner, array $solids, array $there, array $back): self
    {
        [$area, $outlines] = [0.0, []];
        foreach ($solids as $solid) {
            $part = $pane->before(new Vec3(...$solid->centre)) < 0.0 ? [] : Convex::within(Intrusions::outline($solid, $mirror), $frame);
            $seen = 0.0;
            foreach (count($part) < 3 ? [] : Convex::samples($part, self::FINEST) as [$at, $share]) {
                $seen += self::hidden($view, $mirror, $pane, $solid, $at, $there, $back) ? 0.0 : $share;
            }
            $area += $seen;
            $seen <= 0.0 ?: $outlines[] = $part;
        }

        return new self($pane, $owner, min(1.0, $area / (4 * $view->cropX * $view->cropY)), $outlines);
    }

    /**
     * Along the ray from behind the pane: nothing may stand between the lens and the pane, nor between the pane and the thing.
     *
     * @param  array{float, float}  $at
     * @param  list<Solid>  $there
     * @param  list<Solid>  $back
     */
    private static function hidden(LensView $view, LensView $mirror, Pane $pane, Solid $solid, array $at, array $there, array $back): bool
    {
        $ray = $mirror->ray($at);
        $own = $solid->hitBy($mirror->eye, $ray);
        if ($own === null) {
            return true;
        }
        // The lens is as far before the pane as its image is behind: the glass is met after the same share of either ray.
        $towards = $view->ray($at);
        $glass = $pane->before(new Vec3(...$view->eye)) / max(1e-9, $pane->before(new Vec3(...$view->eye)) - $pane->before(new Vec3($view->eye[0] + $towards[0], $view->eye[1] + $towards[1], $view->eye[2] + $towards[2])));
        if ($own <= $glass) {
            return true;
        }
        foreach ($back as $other) {
            $met = $other === $solid ? null : $other->hitBy($mirror->eye, $ray);
            if ($met !== null && $met > $glass + 1e-6 && $met < $own - 1e-6) {
                return true;
            }
        }
        foreach ($there as $other) {
            $met = $other->hitBy($view->eye, $towards);
            if ($met !== null && $met < $glass - 0.02) {
                return true;
            }
        }

        return false;
    }
}
