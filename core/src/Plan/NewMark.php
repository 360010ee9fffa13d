<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Camera\AimMode;
use FineFrame\Camera\Camera;
use FineFrame\Camera\Move;

/** A mark set where a camera stands now, as the next of its move; the first one begins the move. */
final readonly class NewMark
{
    /** Between marks, when nobody has said. */
    private const APART_S = 10.0;

    private function __construct(public string $id, public Edit $edit)
    {
    }

    public static function at(SetupPlan $setup, Camera $camera): self
    {
        $base = "/setups/{$setup->setup->id}/moves";
        $move = self::of($setup, $camera->placement->id);
        $aim = $camera->placement->aim;
        $last = $move === null || $move->marks === [] ? null : $move->marks[count($move->marks) - 1];
        $id = FreeId::of('mark', array_column($move->marks ?? [], 'id'));
        $mark = [
            'id' => $id,
            'name' => '',
            'at_s' => $last === null ? 0.0 : $last->atS + self::APART_S,
            'x_m' => $camera->placement->place->x,
            'y_m' => $camera->placement->place->y,
            'height_m' => $camera->placement->heightM,
            'focal_mm' => $camera->placement->focalMm,
        ] + ($aim->mode === AimMode::Eyes
            ? ['subject' => $aim->subject, 'lead' => $aim->lead, 'eye_line' => $aim->eyeLine]
            : ['bearing_deg' => rad2deg($aim->bearingRad), 'tilt_deg' => rad2deg($aim->tiltRad)]);

        return new self($id, new Edit($move === null
            ? [
                "$base/-" => [
                    'id' => FreeId::of('move', array_column($setup->setup->moves, 'id')),
                    'camera' => $camera->placement->id,
                    'marks' => [$mark],
                ],
            ]
            : ["$base/$move->id/marks/-" => $mark]));
    }

    public static function of(SetupPlan $setup, string $camera): ?Move
    {
        return array_values(array_filter($setup->setup->moves, static fn (Move $m): bool => $m->camera === $camera))[0] ?? null;
    }
}
