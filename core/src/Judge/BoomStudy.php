<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Geometry\Vec3;
use FineFrame\Measure\Quantity;
use FineFrame\Plan\Edit;
use FineFrame\Scene\BoomReach;
use FineFrame\Sound\Boom;

/** Where a boom may be and what each frame costs it: the nearest place with a camera left out, and with its frame lowered. */
final readonly class BoomStudy
{
    /** Eye lines that are tried, shares of the frame higher up: so much less of headroom. */
    private const RAISED = [0.03, 0.06];

    public function __construct(private Situation $situation, private Boom $boom)
    {
    }

    public function nearest(): ?BoomReach
    {
        return $this->situation->nearestBoom($this->boom->placement->id);
    }

    /**
     * @return list<array{Vec3, float}> along each direction before the mouth, the nearest place that every frame, ceiling, pole and room
     *     leave, and how far it is
     */
    public function volume(): array
    {
        return BoomReach::shell($this->situation->scene, $this->boom, $this->situation->limits->get('boom_margin_m'));
    }

    /** @return array<string, float> decibels that each camera's frame costs, by camera; those that cost nothing are left out */
    public function costs(): array
    {
        $nearest = $this->nearest();
        $costs = [];
        if ($nearest === null) {
            return [];
        }
        foreach (array_keys($this->situation->scene->views) as $camera) {
            $without = BoomReach::nearest(
                $this->situation->scene,
                $this->boom,
                $this->situation->limits->get('boom_margin_m'),
                (string) $camera,
            );
            $cost = $without === null ? 0.0 : Boom::costDb($nearest->distanceM, $without->distanceM);
            if ($cost >= 0.1) {
                $costs[(string) $camera] = $cost;
            }
        }

        return $costs;
    }

    /** @return array{float, Mend}|null decibels that come back when the frame that costs most lowers its top, and how */
    public function wonBack(): ?array
    {
        $costs = $this->costs();
        $nearest = $this->nearest();
        arsort($costs);
        $id = array_key_first($costs);
        $camera = $id === null ? null : $this->situation->setup->cameras[$id];
        if ($camera === null || $nearest === null) {
            return null;
        }
        $best = null;
        foreach (self::RAISED as $up) {
            $line = $camera->placement->aim->eyeLine - $up;
            if ($line < 0.2) {
                continue;
            }
            $edit = $this->situation->edit("cameras/$id", ['aim/eye_line' => $line]);
            $after = $this->situation->after($edit);
            $then = $after->nearestBoom($this->boom->placement->id);
            $won = $then === null ? 0.0 : Boom::costDb($nearest->distanceM, $then->distanceM);
            $down = $camera->delivered->heightAt($this->situation->scene->views[$id]->depth($this->boom->mouth)) * $up;
            if ($won > 0.2 && $best === null) {
                $best = [
                    $won,
                    new Mend(
                        'lower-frame',
                        ['thing' => $camera->placement->label, 'distance' => Quantity::metres($down)],
                        $this->withBoom($edit, $then),
                    ),
                ];
            }
        }

        return $best;
    }

    private function withBoom(Edit $edit, ?BoomReach $to): Edit
    {
        return $to === null
            ? $edit
            : new Edit(
                $edit->values + $this->situation->edit(
                    "microphones/{$this->boom->placement->id}",
                    ['x_m' => $to->tip->x, 'y_m' => $to->tip->y, 'height_m' => $to->tip->z],
                )->values,
            );
    }
}
