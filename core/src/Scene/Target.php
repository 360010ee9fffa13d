<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Vec3;

/** What a camera looks at that is on nobody's face: the first thing its axis meets, and where. */
final readonly class Target
{
    private function __construct(public string $owner, public ThingKind $kind, public Vec3 $at, public float $depthM)
    {
    }

    /** Null where the axis leaves by a window or an open side. */
    public static function of(Scene $scene, LensView $view): ?self
    {
        [$nearest, $first] = [INF, null];
        foreach ([...$scene->shell, ...$scene->solids] as $solid) {
            $met = $solid->owner === $view->camera->placement->id ? null : $solid->hitBy($view->eye, $view->forward);
            if ($met !== null && $met > LensView::NEAR_M && $met < $nearest) {
                [$nearest, $first] = [$met, $solid];
            }
        }

        return $first === null
            ? null
            : new self($first->owner, $first->kind, $view->camera->pupil()->plus($view->forwardVector()->times($nearest)), $nearest);
    }
}
