<?php

declare(strict_types=1);

namespace FineFrame\Propose;

use FineFrame\Geometry\Polygon;
use FineFrame\Judge\Situation;
use FineFrame\Light\LightPlacement;
use FineFrame\Plan\Edit;
use FineFrame\Plan\SetupPlan;
use FineFrame\Scene\BoomReach;
use FineFrame\Scene\Material;
use FineFrame\Scene\Scene;
use FineFrame\Scene\Solids;
use FineFrame\Scene\ThingKind;
use FineFrame\Staging\Body;
use FineFrame\Staging\Furniture;

/** Whether lamps, their cloths and booms that stand in the frames of a proposal could stand somewhere else. */
final readonly class Elsewhere
{
    /** Shares of its distance, and turns about the head, at which another place for a lamp is looked for. */
    private const REACHES = [1.0, 0.8, 1.25, 0.65, 1.5];

    private const TURNS = 24;

    public function __construct(private Situation $situation, private Ground $ground)
    {
    }

    /**
     * Whether what stands in a frame has somewhere else to stand: a lamp about as far from the head, a boom out of every frame.
     *
     * @param  list<string>  $ids
     */
    public function has(SetupPlan $after, array $ids): bool
    {
        if ($ids === []) {
            return true;
        }
        $scene = new Scene($after, $this->situation->scene->shared);
        $lit = array_intersect($ids, array_keys($scene->lamps));
        $dark = $lit === [] ? null : new Scene($after->after(new Edit(["/setups/{$after->setup->id}/lights" => []])), $scene->shared);
        $stand = $dark === null ? null : new LampStand($dark, $this->situation->limits->get('way_out_depth_m'));
        foreach ($ids as $id) {
            $cloth = self::cloths($after)[$id] ?? null;
            $can = match (true) {
                isset($scene->booms[$id]) => BoomReach::nearest(
                    $scene,
                    $scene->booms[$id],
                    $this->situation->limits->get('boom_margin_m'),
                ) !== null,
                $cloth !== null => $this->clothHasPlace($scene, $cloth),
                default => $stand !== null && $this->hasPlace($stand, $scene, $scene->lamps[$id]->placement),
            };
            if (! $can) {
                return false;
            }
        }

        return true;
    }

    /** @return array<string, Furniture> what came with the lamps and is not to be seen: cloths, boards, flags, by id */
    public static function cloths(SetupPlan $setup): array
    {
        return array_column(array_filter($setup->setup->furniture, static fn (Furniture $f): bool => $f->keepOut), null, 'id');
    }

    /** Whether a cloth has another place about as far from the nearest head, on free floor and out of every frame. */
    private function clothHasPlace(Scene $scene, Furniture $cloth): bool
    {
        // From the head as it sits now: a chair that is moved takes its cloth along.
        $bodies = $this->situation->setup->bodies;
        usort(
            $bodies,
            static fn (
                Body $a,
                Body $b,
            ): int => $a->person->place->distanceTo($cloth->place) <=> $b->person->place->distanceTo($cloth->place),
        );
        if ($bodies === []) {
            return false;
        }
        $about = $scene->setup->bodies[$bodies[0]->person->id]->person->place;
        $arm = $cloth->place->minus($bodies[0]->person->place);
        foreach (self::REACHES as $reach) {
            for ($turn = 0; $turn < self::TURNS; $turn++) {
                $place = $about->plus($arm->times($reach)->turnedClockwise(2 * M_PI * $turn / self::TURNS));
                $solid = (new Solids($cloth->id, ThingKind::Kit))->prism(
                    Polygon::circle($place, max($cloth->widthM, $cloth->depthM) / 2, 8),
                    $cloth->baseM,
                    $cloth->baseM + $cloth->heightM,
                    Material::Black,
                )->all()[0];
                if (
                    $this->ground->carries($place, $cloth->widthM / 2)
                    && array_filter($scene->viewsAlong(), static fn (array $v): bool => $v[1]->mayShow($solid)) === []
                ) {
                    return true;
                }
            }
        }

        return false;
    }

    private function hasPlace(LampStand $stand, Scene $scene, LightPlacement $lamp): bool
    {
        $body = $scene->setup->bodies[$lamp->subject];
        $arm = $lamp->place->minus($this->situation->setup->bodies[$lamp->subject]->person->place);
        foreach (self::REACHES as $reach) {
            for ($turn = 0; $turn < self::TURNS; $turn++) {
                foreach ([0.0, 0.4] as $up) {
                    $place = $body->person->place->plus($arm->times($reach)->turnedClockwise(2 * M_PI * $turn / self::TURNS));
                    if ($stand->lamp(
                        $lamp->id,
                        $lamp->name,
                        [$lamp->fixture, array_values($lamp->modifiers)],
                        $place,
                        $lamp->heightM + $up,
                        $body,
                    ) !== null) {
                        return true;
                    }
                }
            }
        }

        return false;
    }
}
