<?php

declare(strict_types=1);

namespace FineFrame\Propose;

use FineFrame\Camera\Camera;
use FineFrame\Geometry\Turn;
use FineFrame\Geometry\Vec3;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Situation;
use FineFrame\Light\FaceLight;
use FineFrame\Light\Fixture;
use FineFrame\Light\LampPart;
use FineFrame\Light\LightSide;
use FineFrame\Light\SoftBox;
use FineFrame\Measure\Quantity;
use FineFrame\Plan\Edit;
use FineFrame\Plan\FreeId;
use FineFrame\Space\OpeningKind;
use FineFrame\Staging\Body;

/** What can be added for one face from what is left of the kit: a key, an edge, a light for the eyes or the wall, a board, a black. */
final readonly class Additions
{
    /** Of an edge’s full light. */
    private const EDGES = [0.1, 0.25, 0.5, 1.0];

    /** Of what a face has, what a fill gives it. */
    private const FILLS = [0.15, 0.3, 0.5];

    /** A lamp outside stands so far before the pane; one that is bounced, so far from a face and so high, metres. */
    private const OUTSIDE_M = 1.6;

    private const BESIDE_M = 1.9;

    private const UP_M = 1.7;

    /** Of a small lamp’s, for the eyes: less is seen by nobody. */
    private const EYES = [0.3, 0.6, 1.0];

    /** A lamp beside the lens hangs so far over it, and is so wide at most, metres. */
    private const OVER_LENS_M = 0.28;

    private const SMALL_M2 = 0.05;

    private LampStand $stand;

    public function __construct(private Situation $situation)
    {
        $this->stand = new LampStand($situation->scene, $situation->limits->get('way_out_depth_m'));
    }

    /** @return iterable<Mend> a soft lamp for this face alone, set to what is missing */
    public function keys(Body $body): iterable
    {
        $face = $this->situation->face($body->person->id);
        $wanted = $this->situation->setup->setup->metering->wantedLux();
        $recipe = new LightRecipe('key', 0, (new LampKit($this->situation->setup))->soft(), 'none', null);
        foreach ($this->places($wanted)->keys($recipe, $body, $face, $this->cameraSide($body)) as $spot) {
            $full = FaceLight::from($spot->lamp, $body->eyes, $body->face()->at(0.0)) * (1 + LightSearch::ROOM);
            $dimmer = ($wanted - $face->light->totalLux()) / max(1e-6, $full);
            yield $this->lamp($spot->lamp, $body, LampPart::Key, max($spot->lamp->fixture->lowestDim, min(1.0, $dimmer)));
        }
    }

    /** @return iterable<Mend> a soft lamp near the lens, on the darker side */
    public function fills(Body $body): iterable
    {
        $lamp = $this->places(1.0)->fill($body, $this->darkSide($body));
        if ($lamp !== null) {
            $full = FaceLight::from($lamp, $body->eyes, $body->face()->at(0.0));
            foreach (self::FILLS as $share) {
                $dimmer = $share * $this->situation->face($body->person->id)->light->totalLux() / max(1e-6, $full);
                yield $this->lamp($lamp, $body, LampPart::Fill, max($lamp->fixture->lowestDim, min(1.0, $dimmer)));
            }
        }
    }

    /**
     * @param  int|null  $side  1: on their right alone, −1: on their left; null for either, the far side from the lens first
     * @return iterable<Mend> a hard lamp from behind, out of every frame
     */
    public function edges(Body $body, ?int $side = null): iterable
    {
        $what = (new LampKit($this->situation->setup))->hard();
        $lamp = $what === null ? null : $this->places(1.0)->edge($what, $body, $side ?? -$this->cameraSide($body), $side !== null);
        if ($lamp !== null) {
            $side = $this->situation->face($body->person->id)->side($lamp->centre()->minus($body->eyes));
            foreach (self::EDGES as $dimmer) {
                yield $this->lamp($lamp, $body, $side === LightSide::Behind ? LampPart::Back : LampPart::Kicker, $dimmer);
            }
        }
    }

    /** @return iterable<Mend> a lamp for what is behind them in the first frame that they are in */
    public function walls(Body $body): iterable
    {
        $what = (new LampKit($this->situation->setup))->wall();
        foreach ($this->situation->framings() as [$camera, $framed]) {
            $lamp = $what === null || $framed !== $body
                ? null
                : $this->places(1.0)->behind($what, $body, $this->situation->backdrop($camera, $body)->place());
            if ($lamp !== null) {
                foreach (self::EDGES as $dimmer) {
                    yield $this->lamp($lamp, $body, LampPart::Background, $dimmer);
                }

                return;
            }
        }
    }

    /**
     * The strongest lamp that is left, in all the ways in which one is used: in by each window, off the ceiling and the walls near the
     * lens, straight at the darker side.
     *
     * @return iterable<Mend>
     */
    public function strongest(Body $body): iterable
    {
        $setup = $this->situation->setup;
        $left = array_filter(
            $setup->plan->kit->fixtures,
            static fn (Fixture $f): bool => $f->projection === null && ($setup->left($f->id) ?? 1) > 0,
        );
        uasort($left, static fn (Fixture $a, Fixture $b): int => $b->luxAt1m <=> $a->luxAt1m);
        $model = (string) array_key_first($left);
        foreach ($left === [] ? [] : $this->uses($body) as $use => [$at, $aim]) {
            $lamp = $this->stand->turned($model, $at, $aim, $body);
            if ($lamp !== null) {
                yield $this->added($body, LampPart::Key, ['name' => 'Strong lamp'] + $lamp, 1.0, $at->distanceTo($body->eyes), $use);
            }
        }
    }

    /** @return iterable<string, array{Vec3, Vec3|null}> where it stands, and to what it is turned; null for the face */
    private function uses(Body $body): iterable
    {
        $room = $this->situation->setup->room;
        foreach ($room->openings as $opening) {
            if ($opening->kind === OpeningKind::Window) {
                $out = $room->wallOf($opening)->inward()->times(-self::OUTSIDE_M);
                $pane = $room->lineOf($opening)->at(0.5);
                yield "in by the {$this->situation->name($opening->id)}" => [$pane->plus($out)->at($opening->headM + 0.3), null];
            }
        }
        foreach ([40.0, -40.0, 80.0, -80.0] as $deg) {
            $way = $body->face()->turnedClockwise(deg2rad($deg));
            $at = $body->person->place->plus($way->times(self::BESIDE_M));
            if ($room->contains($at)) {
                $wall = $body->person->place->plus($way->times(self::BESIDE_M + 3.0));
                yield 'off the ceiling' => [$at->at(self::UP_M), $at->at($room->heightAt($at))];
                yield 'off a wall' => [$at->at(self::UP_M), $wall->at(self::UP_M + 0.3)];
                yield 'straight, as fill' => [$at->at($body->eyes->z + 0.4), null];
            }
        }
    }

    /** @return iterable<Mend> a small lamp clamped over the lens that is on them */
    public function eyeLights(Body $body): iterable
    {
        $small = array_filter(
            $this->situation->setup->plan->kit->fixtures,
            fn ($f): bool => $f->widthM * $f->heightM < self::SMALL_M2 && ! $f->hot && $f->projection === null
                && ($this->situation->setup->left($f->id) ?? 1) > 0,
        );
        uasort($small, static fn ($a, $b): int => $a->luxAt1m <=> $b->luxAt1m);
        foreach ($this->situation->framings() as [$camera, $framed]) {
            foreach ($framed === $body ? array_slice($small, 0, 1) : [] as $fixture) {
                foreach (self::EYES as $dimmer) {
                    yield $this->overLens($camera, $body, $fixture->id, $dimmer);
                }
            }
        }
    }

    private function overLens(Camera $camera, Body $body, string $fixture, float $dimmer): Mend
    {
        $at = $camera->pupil();

        return $this->added($body, LampPart::Eye, [
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
    public function beside(Body $body, bool $isWhite): iterable
    {
        $used = array_keys($this->situation->setup->things());
        $board = (new BoardStand($this->situation->setup->room, $this->stand))->beside($body, $this->darkSide($body), $isWhite, $used);
        if ($board !== null) {
            yield new Mend(
                $isWhite ? 'add-board' : 'add-black',
                ['subject' => $body->person->name],
                new Edit(["/setups/{$this->situation->setup->setup->id}/furniture/-" => $board]),
            );
        }
    }

    private function lamp(SoftBox $lamp, Body $body, LampPart $part, float $dimmer): Mend
    {
        $distance = $lamp->centre()->distanceTo($body->eyes);

        return $this->added($body, $part, $lamp->placement->write(), $dimmer, $distance);
    }

    /** @param  array<string, mixed>  $lamp  as the plan file writes it, without an id of its own */
    private function added(Body $body, LampPart $part, array $lamp, float $dimmer, float $distanceM, string $use = ''): Mend
    {
        $kit = $this->situation->setup->plan->kit;
        $fixture = is_string($lamp['fixture'] ?? null) ? $lamp['fixture'] : '';

        return new Mend(
            $use === '' ? 'add-lamp' : 'use-lamp',
            [
                'lamp' => $kit->name($fixture),
                'part' => $use === '' ? $part->value : $use,
                'subject' => $body->person->name,
                'distance' => Quantity::metres($distanceM),
            ],
            new Edit(["/setups/{$this->situation->setup->setup->id}/lights/-" => [
                'id' => FreeId::of(strtok($part->value, ' ') ?: 'lamp', array_keys($this->situation->setup->things())),
                'dimmer' => round($dimmer, 3),
                'kelvin' => $this->situation->plannedKelvin(),
            ] + ($use === '' ? ['meant' => $part->value] : []) + $lamp]),
        );
    }

    private function places(float $wantedLux): LampPlaces
    {
        $score = new LightScore($this->situation->setup->plan->brief->schools);

        return new LampPlaces($this->stand, $score, new LampKit($this->situation->setup), $wantedLux);
    }

    /** 1: their right cheek is the darker, −1: their left. */
    private function darkSide(Body $body): int
    {
        $cells = $this->situation->face($body->person->id)->cells;

        return $cells['left'] < $cells['right'] ? -1 : 1;
    }

    /** On which side of the nose the camera stands that is on them: 1 clockwise, −1 counter-clockwise. */
    private function cameraSide(Body $body): int
    {
        foreach ($this->situation->framings() as [$camera, $framed]) {
            if ($framed === $body) {
                $off = Turn::wrapped($camera->placement->place->minus($body->person->place)->bearing() - $body->headBearingRad);

                return $off >= 0 ? 1 : -1;
            }
        }

        return 1;
    }
}
