<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Camera\Camera;
use FineFrame\Document\InvalidDocument;
use FineFrame\Geometry\Segment;
use FineFrame\Light\LightPlacement;
use FineFrame\Light\SoftBox;
use FineFrame\Plan\Edit;
use FineFrame\Plan\Leg;
use FineFrame\Scene\Occlusion;
use FineFrame\Staging\Body;

/**
 * Someone who walks while recorded, and the light on them step by step: carried lamps and their booms go along at the same
 * distance, all else stays. The face by the inverse square of what stays, the background by what stands behind at each step.
 */
final class Walk
{
    /** Places looked at, both ends among them. */
    private const STEPS = 5;

    /** A pole nearer to a carried lamp's edge than this fights with it, metres. */
    private const HANDS_M = 0.35;

    /** @var list<WalkStep>|null */
    private ?array $steps = null;

    public readonly Body $body;

    /** @param  list<LightPlacement>  $carried */
    private function __construct(private readonly Situation $situation, public readonly Leg $leg, public readonly array $carried)
    {
        $this->body = $leg->body;
    }

    /** @return list<self> of those who are there to walk */
    public static function allOf(Situation $situation): array
    {
        $walks = [];
        foreach (Leg::allOf($situation->setup) as $leg) {
            $who = $leg->body->person->id;
            $isCarried = static fn (LightPlacement $l): bool => $l->on && $l->carried && $l->subject === $who;
            $walks[] = new self($situation, $leg, array_values(array_filter($situation->setup->setup->lights, $isCarried)));
        }

        return $walks;
    }

    /** @return list<WalkStep>|null from where they stand to where they go; null where they cannot go there */
    public function steps(): ?array
    {
        if ($this->steps === null) {
            $this->steps = [];
            for ($i = 0; $i < self::STEPS; $i++) {
                try {
                    $this->steps[] = $this->at($i / (self::STEPS - 1));
                } catch (InvalidDocument) {
                    $this->steps = [];
                    break;
                }
            }
        }

        return $this->steps === [] ? null : $this->steps;
    }

    /** The stops between the brightest and the darkest step on the face. */
    public function drift(): float
    {
        $stops = array_column($this->steps() ?? [], 'stops');

        return $stops === [] ? 0.0 : max($stops) - min($stops);
    }

    /** The same of what is behind against the face. */
    public function change(): float
    {
        $behind = array_filter(array_column($this->steps() ?? [], 'behind'), is_float(...));

        return $behind === [] ? 0.0 : max($behind) - min($behind);
    }

    private function at(float $share): WalkStep
    {
        $setup = $this->situation->setup;
        $by = $this->leg->at($share)->minus($this->body->person->place);
        $who = $this->body->person->id;
        $values = ["subjects/$who" => $this->body->person->place->plus($by)];
        foreach ($this->carried as $lamp) {
            $values["lights/$lamp->id"] = $lamp->place->plus($by);
        }
        $edits = [];
        foreach ($values as $path => $place) {
            $edits += $this->situation->moved($path, $place)->values;
        }
        foreach ($setup->setup->booms as $boom) {
            if ($boom->subject === $who) {
                $edits += $this->situation->moved("microphones/$boom->id", $boom->place->plus($by))->values + $this->situation->edit(
                    "microphones/$boom->id",
                    ['stand_x_m' => $boom->standPlace->x + $by->x, 'stand_y_m' => $boom->standPlace->y + $by->y],
                )->values;
            }
        }
        // Where they stand is judged as it is drawn.
        $there = $by->length() < 1e-9 ? $this->situation : $this->situation->after(new Edit($edits));
        $face = $there->face($who);
        $camera = array_values(
            array_filter($there->setup->cameras, static fn (Camera $c): bool => $there->setup->bodyFor($c)?->person->id === $who),
        )[0] ?? null;

        return new WalkStep(
            $share,
            $there->setup->bodies[$who]->person->place,
            $face->light->totalLux(),
            $face->light->stopsOver(),
            $camera === null ? null : $there->background($camera, $there->setup->bodies[$who]),
            $this->boomInTheWay($there),
        );
    }

    /** A boom that hides a part of a carried lamp from the face, or whose pole meets the lamp. */
    private function boomInTheWay(Situation $there): ?string
    {
        $who = $this->body->person->id;
        foreach ($this->carried as $placed) {
            $lamp = $there->scene->lamps[$placed->id];
            $by = $there->face($who)->seen[$placed->id] < 0.95
                ? Occlusion::blocker($there->scene, $lamp, $there->setup->bodies[$who]->eyes, $who)
                : null;
            if ($by !== null && isset($there->scene->booms[$by])) {
                return $by;
            }
            foreach ($there->scene->booms as $id => $boom) {
                if (
                    $boom->placement->subject === $who
                    && $this->meets(
                        $lamp,
                        new Segment($boom->poleEnd()->floor(), $boom->tip()->floor()),
                        [$boom->poleEnd()->z, $boom->tip()->z],
                    )
                ) {
                    return $id;
                }
            }
        }

        return null;
    }

    /** @param  array{float, float}  $heights  of the pole's ends */
    private function meets(SoftBox $lamp, Segment $pole, array $heights): bool
    {
        $reach = self::HANDS_M + $lamp->emitter->widthM / 2;
        $tall = self::HANDS_M + $lamp->emitter->heightM / 2;
        $z = $lamp->centre()->z;

        return $pole->distanceTo($lamp->centre()->floor()) < $reach && $z > min($heights) - $tall && $z < max($heights) + $tall;
    }
}
