<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Camera\Mark;
use FineFrame\Geometry\Vec3;
use FineFrame\Plan\SetupPlan;
use FineFrame\Staging\Body;

/** The distance to set at a mark, what is sharp around it, and how hard the pull to it is. */
final readonly class FocusPull
{
    /**
     * @param  float  $distanceM  along the lens's axis to the eyes that it is on
     * @param  float|null  $farM  null is infinity
     * @param  float  $lengthsASecond  from the mark before, in depths of field a second
     */
    private function __construct(
        public Mark $mark,
        public string $on,
        public float $distanceM,
        public float $nearM,
        public ?float $farM,
        public float $lengthsASecond,
    ) {
    }

    /** @return list<self> one for each mark that has someone to focus on */
    public static function along(Path $path, SetupPlan $setup): array
    {
        $pulls = [];
        $before = null;
        foreach ($path->marks as $mark) {
            $view = $path->mark($mark);
            $body = $setup->bodies[$mark->subject ?? ''] ?? self::nearestAhead($view, $setup->bodies);
            $focus = $body === null ? 0.0 : $view->depth($body->eyes);
            if ($body === null || $focus <= $view->camera->effectiveFocalMm() / 1000) {
                continue;
            }
            $dof = $view->camera->depthOfField();
            [$near, $far] = [$dof->nearM($focus), $dof->farM($focus)];
            $depth = min($far ?? INF, 2 * $focus) - $near;
            $rate = $before === null ? 0.0 : abs($focus - $before->distanceM) / ($mark->atS - $before->mark->atS) / $depth;
            $pulls[] = $before = new self($mark, $body->person->name, $focus, $near, $far, $rate);
        }

        return $pulls;
    }

    /** @param  array<string, Body>  $bodies */
    private static function nearestAhead(LensView $view, array $bodies): ?Body
    {
        $ahead = array_filter(
            $bodies,
            static fn (Body $b): bool => $view->place($b->eyes) !== null && max(array_map(abs(...), $view->place($b->eyes))) <= 1.0,
        );
        usort(
            $ahead,
            static fn (Body $a, Body $b): int => $view->depth(new Vec3($a->eyes->x, $a->eyes->y, $a->eyes->z)) <=> $view->depth($b->eyes),
        );

        return $ahead[0] ?? null;
    }
}
