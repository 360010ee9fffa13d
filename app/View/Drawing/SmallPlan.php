<?php

declare(strict_types=1);

namespace App\View\Drawing;

use FineFrame\Geometry\Vec2;
use FineFrame\Plan\Location;
use FineFrame\Plan\ShootPlan;
use FineFrame\Space\OpeningKind;
use FineFrame\Space\PlacedRoom;

/** Outlines of all places at one scale, north up, for a row of small drawings. */
final readonly class SmallPlan
{
    private float $reach;

    public function __construct(ShootPlan $plan)
    {
        $this->reach = max(
            array_map(
                static fn (Location $l): float => max(
                    array_map(static fn (Vec2 $c): float => $c->distanceTo(self::middle($l)), $l->rooms->corners()),
                ),
                $plan->locations,
            ),
        ) + 0.3;
    }

    public function of(Location $place): string
    {
        $room = $place->rooms;
        $at = fn (Vec2 $p): string => implode(
            ' ',
            array_map(
                static fn (float $v): float => round($v, 2),
                (static fn (Vec2 $t): array => [$t->x, -$t->y])($p->minus(self::middle($place))->turnedClockwise($room->northRad)),
            ),
        );
        $path = static fn (array $points): string => 'M'.implode('L', array_map($at, $points));
        $windows = '';
        foreach ($room->openings as $opening) {
            if ($opening->kind === OpeningKind::Window) {
                $windows .= $path([$room->lineOf($opening)->from, $room->lineOf($opening)->to]);
            }
        }
        $box = implode(
            ' ',
            array_map(static fn (float $v): float => round($v, 2), [-$this->reach, -$this->reach, 2 * $this->reach, 2 * $this->reach]),
        );

        return '<svg class="small-plan" viewBox="'.$box.'" role="img" aria-label="'.e(
            $place->name,
        ).', north up"><path class="small-room" d="'.implode(
            '',
            array_map(static fn (PlacedRoom $r): string => $path($r->room->floor->corners).'Z', $room->all),
        ).'"/><path class="small-window" d="'.$windows.'"/></svg>';
    }

    private static function middle(Location $place): Vec2
    {
        return $place->space->floor->middle();
    }
}
