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

    /**
     * @param  Covers  $there  what hides what from the lens itself
     * @return list<self>
     */
    public static function in(Scene $scene, LensView $view, Covers $there): array
    {
        $all = [];
        foreach (Pane::allOf($scene) as $pane) {
            $frame = $pane->outline($view);
            $frame = count($frame) < 3 ? [] : Convex::clip($frame, $view->cropX, $view->cropY);
            $mirror = count($frame) < 3 ? null : $pane->mirrored($view);
            if ($mirror === null) {
                continue;
            }
            $back = new Covers($mirror, [...$scene->shell, ...$scene->solids]);
            foreach ($scene->unwanted() as $owner => $solids) {
                $shown = array_filter(
                    $solids,
                    static fn (Solid $s): bool => $mirror->mayShow($s) && $back->of($s)->meets($frame) && $pane->before(
                        new Vec3(...$s->centre),
                    ) >= 0.0,
                );
                if ($shown === []) {
                    continue;
                }
                $one = self::of($view, $mirror, $pane, $frame, (string) $owner, $shown, $there, $back);
                if ($one->share > Intrusions::LEAST_SHARE) {
                    $all[] = $one;
                }
            }
        }

        return $all;
    }

    /**
     * @param  list<array{float, float}>  $frame
     * @param  array<Solid>  $solids
     */
    private static function of(
        LensView $view,
        LensView $mirror,
        Pane $pane,
        array $frame,
        string $owner,
        array $solids,
        Covers $there,
        Covers $back,
    ): self {
        [$area, $outlines] = [0.0, []];
        foreach ($solids as $solid) {
            $part = Convex::within(Outline::of($solid, $mirror), $frame);
            $seen = 0.0;
            foreach (count($part) < 3 ? [] : Convex::samples($part, self::FINEST) as [$at, $share]) {
                $glass = self::glassAt($view, $pane, $at);
                // Nothing may stand between the pane and the thing, nor between the lens and the pane.
                $seen += $back->hider($solid, $at, null, $glass) !== null || $there->isBlocked($at, $glass - 0.02, $pane->owner)
                    ? 0.0
                    : $share;
            }
            $area += $seen;
            if ($seen > 0.0) {
                $outlines[] = $part;
            }
        }

        return new self($pane, $owner, min(1.0, $area / (4 * $view->cropX * $view->cropY)), $outlines);
    }

    /**
     * How far ahead the glass is met. The lens is as far before the pane as its image is behind: it is so far for both.
     *
     * @param  array{float, float}  $at
     */
    private static function glassAt(LensView $view, Pane $pane, array $at): float
    {
        $towards = $view->ray($at);
        $before = $pane->before(new Vec3(...$view->eye));

        return $before / max(
            1e-9,
            $before - $pane->before(new Vec3($view->eye[0] + $towards[0], $view->eye[1] + $towards[1], $view->eye[2] + $towards[2])),
        );
    }
}
