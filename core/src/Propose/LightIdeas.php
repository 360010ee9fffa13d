<?php

declare(strict_types=1);

namespace FineFrame\Propose;

use FineFrame\Camera\Camera;
use FineFrame\Geometry\Turn;
use FineFrame\Geometry\Vec3;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Ideas;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Situation;
use FineFrame\Light\FaceLight;
use FineFrame\Light\LampPart;
use FineFrame\Light\SoftBox;
use FineFrame\Measure\Quantity;
use FineFrame\Plan\Edit;
use FineFrame\Plan\FreeId;
use FineFrame\Staging\Body;

/** What a practitioner would add where light is missing or in the way: a lamp, a black or a board beside a face, a flag before a lens. */
final readonly class LightIdeas implements Ideas
{
    /** Usual flags, width and height in metres. */
    private const FLAGS = [[0.45, 0.6], [0.6, 0.9]];

    /** Where a flag is tried, shares of the way from the lamp to the lens. */
    private const ALONG = [0.15, 0.3, 0.45];

    /** Of an edge’s full light. */
    private const EDGES = [0.1, 0.25, 0.5, 1.0];

    /** Of a small lamp’s, for the eyes: less is seen by nobody. */
    private const EYES = [0.3, 0.6, 1.0];

    /** A lamp beside the lens hangs so far over it, and is so wide at most, metres. */
    private const OVER_LENS_M = 0.28;

    private const SMALL_M2 = 0.05;

    public function for(Situation $situation, Finding $finding): iterable
    {
        // Where no lamp is on a face, one is what is missing; a higher sensitivity comes after it.
        if ($finding->case === 'day-dim') {
            yield from $this->placed($situation, $finding);
            yield from $finding->ideas();
        } else {
            yield from $finding->ideas();
            yield from $this->placed($situation, $finding);
        }
    }

    /** @return iterable<Mend> */
    private function placed(Situation $situation, Finding $finding): iterable
    {
        $person = array_values(array_intersect($finding->about, array_keys($situation->setup->bodies)))[0] ?? null;
        $body = $person === null ? null : $situation->setup->bodies[$person];

        return match (true) {
            $finding->check === 'lens-is-shaded' => $this->flags($situation, $finding),
            $body === null => [],
            $finding->check === 'key-gives-the-stop' && str_ends_with($finding->case, 'dim') => $this->keys($situation, $body),
            $finding->check === 'subject-parts-by-light' => $this->edges($situation, $body),
            $finding->check === 'eyes-catch-light' => $this->eyeLights($situation, $body),
            $finding->check === 'face-has-shape' && $finding->case === 'fails' => $this->beside($situation, $body, false),
            $finding->check === 'face-has-shape' && $finding->case === 'hard' => $this->beside($situation, $body, true),
            default => [],
        };
    }

    /** @return iterable<Mend> a soft lamp for this face alone, set to what is missing */
    private function keys(Situation $situation, Body $body): iterable
    {
        $face = $situation->face($body->person->id);
        $kit = new LampKit($situation->setup);
        $stand = $this->stand($situation);
        $wanted = $situation->setup->setup->metering->wantedLux();
        $places = new LampPlaces($stand, new LightScore($situation->setup->plan->brief->schools), $kit, $wanted);
        $recipe = new LightRecipe('key', 0, $kit->soft(), 'none', null);
        foreach ($places->keys($recipe, $body, $face, $this->cameraSide($situation, $body)) as $spot) {
            $full = FaceLight::from($spot->lamp, $body->eyes, $body->face()->at(0.0)) * (1 + LightSearch::ROOM);
            $dimmer = ($wanted - $face->light->totalLux()) / max(1e-6, $full);
            yield $this->lamp($situation, $spot->lamp, $body, LampPart::Key, max($spot->lamp->fixture->lowestDim, min(1.0, $dimmer)));
        }
    }

    /** @return iterable<Mend> a hard lamp from behind, out of every frame */
    private function edges(Situation $situation, Body $body): iterable
    {
        $kit = new LampKit($situation->setup);
        $places = new LampPlaces($this->stand($situation), new LightScore($situation->setup->plan->brief->schools), $kit, 1.0);
        $what = $kit->hard();
        $lamp = $what === null ? null : $places->edge($what, $body, -$this->cameraSide($situation, $body));
        if ($lamp !== null) {
            foreach (self::EDGES as $dimmer) {
                yield $this->lamp($situation, $lamp, $body, LampPart::Back, $dimmer);
            }
        }
    }

    /** @return iterable<Mend> a small lamp clamped over the lens that is on them */
    private function eyeLights(Situation $situation, Body $body): iterable
    {
        $small = array_filter(
            $situation->setup->plan->kit->fixtures,
            fn ($f): bool => $f->widthM * $f->heightM < self::SMALL_M2 && ! $f->hot && $f->projection === null
                && ($situation->setup->left($f->id) ?? 1) > 0,
        );
        uasort($small, static fn ($a, $b): int => $a->luxAt1m <=> $b->luxAt1m);
        foreach ($situation->framings() as [$camera, $framed]) {
            foreach ($framed === $body ? array_slice($small, 0, 1) : [] as $fixture) {
                foreach (self::EYES as $dimmer) {
                    yield $this->overLens($situation, $camera, $body, $fixture->id, $dimmer);
                }
            }
        }
    }

    private function overLens(Situation $situation, Camera $camera, Body $body, string $fixture, float $dimmer): Mend
    {
        $at = $camera->pupil();

        return $this->added($situation, $body, LampPart::Eye, [
            'name' => 'Eye light',
            'fixture' => $fixture,
            'stand' => 'clamp',
            'x_m' => round($at->x, 3),
            'y_m' => round($at->y, 3),
            'height_m' => round($at->z + self::OVER_LENS_M, 2),
            'subject' => $body->person->id,
        ], $dimmer, $at->distanceTo($body->eyes));
    }

    /** @return iterable<Mend> a black or a board on the side of the face that is darker already */
    private function beside(Situation $situation, Body $body, bool $isWhite): iterable
    {
        $face = $situation->face($body->person->id);
        $dark = $face->cells['left'] < $face->cells['right'] ? -1 : 1;
        $used = array_keys($situation->setup->things());
        $board = (new BoardStand($situation->setup->room, $this->stand($situation)))->beside($body, $dark, $isWhite, $used);
        if ($board !== null) {
            yield new Mend(
                $isWhite ? 'add-board' : 'add-black',
                ['subject' => $body->person->name],
                new Edit(["/setups/{$situation->setup->setup->id}/furniture/-" => $board]),
            );
        }
    }

    /** @return iterable<Mend> a flag between lamp and lens, out of the frame that it is for */
    private function flags(Situation $situation, Finding $finding): iterable
    {
        [$lampId, $cameraId] = $finding->about + ['', ''];
        $lamp = $situation->scene->lamps[$lampId] ?? null;
        $view = $situation->scene->views[$cameraId] ?? null;
        if ($lamp === null || $view === null) {
            return;
        }
        foreach (self::ALONG as $share) {
            foreach (self::FLAGS as [$width, $height]) {
                $at = Vec3::between($lamp->centre(), $view->camera->pupil(), $share);
                yield $this->flag($situation, $lamp, $at, $view->camera->pupil(), [$width, $height]);
            }
        }
    }

    /** @param  array{float, float}  $size */
    private function flag(Situation $situation, SoftBox $lamp, Vec3 $at, Vec3 $lens, array $size): Mend
    {
        return new Mend(
            'set-flag',
            [
                'lamp' => $situation->name($lamp->placement->id),
                'width' => Quantity::metres($size[0]),
                'height' => Quantity::metres($size[1]),
            ],
            new Edit(["/setups/{$situation->setup->setup->id}/furniture/-" => [
                'id' => FreeId::of('flag', array_keys($situation->setup->things())),
                'name' => 'flag',
                'width_m' => $size[0],
                'depth_m' => 0.02,
                'height_m' => $size[1],
                'base_m' => round(max(0.1, $at->z - $size[1] / 2), 2),
                'x_m' => round($at->x, 3),
                'y_m' => round($at->y, 3),
                'turn_deg' => round(rad2deg($lens->minus($lamp->centre())->floor()->bearing()), 1),
                'reflects' => 0.03,
                'keep_out' => true,
            ]]),
        );
    }

    private function lamp(Situation $situation, SoftBox $lamp, Body $body, LampPart $part, float $dimmer): Mend
    {
        $distance = $lamp->centre()->distanceTo($body->eyes);

        return $this->added($situation, $body, $part, $lamp->placement->write(), $dimmer, $distance);
    }

    /** @param  array<string, mixed>  $lamp  as the plan file writes it, without an id of its own */
    private function added(Situation $situation, Body $body, LampPart $part, array $lamp, float $dimmer, float $distanceM): Mend
    {
        $kit = $situation->setup->plan->kit;
        $fixture = is_string($lamp['fixture'] ?? null) ? $lamp['fixture'] : '';

        return new Mend(
            'add-lamp',
            [
                'lamp' => $kit->name($fixture),
                'part' => $part->value,
                'subject' => $body->person->name,
                'distance' => Quantity::metres($distanceM),
            ],
            new Edit(["/setups/{$situation->setup->setup->id}/lights/-" => [
                'id' => FreeId::of(strtok($part->value, ' ') ?: 'lamp', array_keys($situation->setup->things())),
                'dimmer' => round($dimmer, 3),
                'meant' => $part->value,
                'kelvin' => $situation->plannedKelvin(),
            ] + $lamp]),
        );
    }

    private function stand(Situation $situation): LampStand
    {
        return new LampStand($situation->scene, $situation->limits->get('way_out_depth_m'));
    }

    /** On which side of the nose the camera stands that is on them: 1 clockwise, −1 counter-clockwise. */
    private function cameraSide(Situation $situation, Body $body): int
    {
        foreach ($situation->framings() as [$camera, $framed]) {
            if ($framed === $body) {
                $off = Turn::wrapped($camera->placement->place->minus($body->person->place)->bearing() - $body->headBearingRad);

                return $off >= 0 ? 1 : -1;
            }
        }

        return 1;
    }
}
