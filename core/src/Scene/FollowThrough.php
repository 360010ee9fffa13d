<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Plan\Edit;
use FineFrame\Plan\SetupPlan;
use FineFrame\Staging\Furniture;

/**
 * What else an edit means: a lens that is changed brings its own focal length and stop along, an aim that is freed stays where it points.
 */
final readonly class FollowThrough
{
    private function __construct(private SetupPlan $setup, private Edit $edit)
    {
    }

    public static function of(SetupPlan $setup, Edit $edit): Edit
    {
        $through = new self($setup, $edit);
        $values = $edit->values;
        foreach (array_keys($setup->cameras) as $id) {
            $at = "/setups/{$setup->setup->id}/cameras/$id/";
            $values += $through->lens($id, $at) + $through->aim($id, $at);
        }

        foreach ($setup->setup->furniture as $thing) {
            $values += $through->found($thing, "/setups/{$setup->setup->id}/furniture/$thing->id/");
        }

        return new Edit($values);
    }

    /** @return array<string, float> where a piece of furniture was found, noted when it is first moved: it goes back there */
    private function found(Furniture $thing, string $at): array
    {
        $moves = array_intersect(["{$at}x_m", "{$at}y_m", "{$at}turn_deg"], array_keys($this->edit->values)) !== [];

        return ! $moves || $thing->found !== null
            ? []
            : [
                "{$at}found_x_m" => $thing->place->x,
                "{$at}found_y_m" => $thing->place->y,
                "{$at}found_turn_deg" => round(rad2deg($thing->turnRad), 3),
            ];
    }

    /** @return array<string, float> the focal length and stop nearest to those set that the new glass has */
    private function lens(string $id, string $at): array
    {
        if (array_intersect(["{$at}lens", "{$at}reducer"], array_keys($this->edit->values)) === []) {
            return [];
        }
        $camera = $this->setup->cameras[$id];
        $kit = $this->setup->plan->kit;
        $chosen = fn (string $key, ?string $now): mixed => array_key_exists(
            $at.$key,
            $this->edit->values,
        ) ? $this->edit->values[$at.$key] : $now;
        [$lens, $reducer] = [$chosen('lens', $camera->placement->lens), $chosen('reducer', $camera->placement->reducer)];
        $lens = is_string($lens) ? ($kit->lenses[$lens] ?? null) : null;
        if ($lens === null) {
            return [];
        }
        $factor = is_string($reducer) ? ($kit->reducers[$reducer]->factor ?? 1.0) : 1.0;

        return [
            "{$at}focal_mm" => max($lens->shortestMm, min($lens->longestMm, $camera->placement->focalMm)),
            "{$at}t_stop" => max(round($lens->widestT * $factor, 2), $camera->placement->tStop),
        ];
    }

    /** @return array<string, float> */
    private function aim(string $id, string $at): array
    {
        if (($this->edit->values["{$at}aim/mode"] ?? null) !== 'free') {
            return [];
        }
        $view = LensView::of($this->setup->cameras[$id], $this->setup->bodyFor($this->setup->cameras[$id]));

        return [
            "{$at}aim/bearing_deg" => round(fmod(rad2deg($view->bearingRad) + 360, 360), 2),
            "{$at}aim/tilt_deg" => round(rad2deg($view->tiltRad), 2),
        ];
    }
}
