<?php

declare(strict_types=1);

namespace FineFrame\Propose;

use FineFrame\Camera\Camera;
use FineFrame\Judge\Situation;
use FineFrame\Light\SoftBox;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Plan\Edit;
use FineFrame\Plan\Question;
use FineFrame\Plan\School;
use FineFrame\Plan\Schools;
use FineFrame\Staging\Body;
use FineFrame\Staging\Person;

/** What speaks for a way of lighting and what it gives up, by the schools of a shoot. The weights are ours. */
final readonly class LightScore
{
    public function __construct(private Schools $schools)
    {
    }

    public function of(LightRecipe $recipe, Situation $after, int $watched, Body $body, Edit $edit, int $lamps): Proposal
    {
        $face = $after->face($body->person->id);
        $key = $face->key();
        $soft = $key === null ? null : $after->scene->lamps[$key]->seenRad($body->eyes);
        $cameras = array_filter(
            $after->setup->cameras,
            static fn (Camera $c): bool => ($after->setup->bodyFor($c)?->person->id ?? '') === $body->person->id,
        );
        $behind = $cameras === [] ? -1.0 : max(array_map(static fn (Camera $c): float => $after->background($c, $body), $cameras));
        $apart = min(
            [
                3.0,
                ...array_values(
                    array_map(
                        static fn (Camera $c): float => max(
                            array_map(
                                static fn (float $cell): float => abs(
                                    log(max(1e-6, $cell) / max(1e-6, $face->light->totalLux()), 2) - $after->background($c, $body),
                                ),
                                $face->cells,
                            ),
                        ),
                        $cameras,
                    ),
                ),
            ],
        );
        $over = $face->light->stopsOver();
        $there = max(1e-6, $face->light->totalLux());
        $reasons = [
            new Reason('exposure', max(0.0, 1 - abs($over)), Quantity::of($over, Unit::Stop), 2.0),
            new Reason('shape', max(0.0, 1 - abs(log($face->cheeks() / $this->ratio(), 2)) / 1.5), Quantity::ratio($face->cheeks()), 2.0),
            new Reason(
                'side',
                match (true) {
                    $face->isShort() === null => 0.6,
                    $face->isShort() === (! $this->schools->has(School::OpenFace)) => 1.0,
                    default => 0.3,
                },
                match (true) {
                    $face->isShort() === null => 'no lamp as key',
                    $face->isShort() => 'shadow toward A',
                    default => 'light toward A',
                },
                2.0,
            ),
            new Reason(
                'softness',
                $soft === null ? 0.7 : min(1.0, $soft / 0.6),
                $soft === null ? 'a window' : Quantity::degrees(rad2deg($soft)),
                1.0,
            ),
            new Reason(
                'background',
                match (true) {
                    $behind > 0.3 => max(0.0, 1 - $behind / 2),
                    $behind < -4 => 0.4,
                    default => 1.0,
                },
                Quantity::of($behind, Unit::Stop),
                1.0,
            ),
            new Reason('parting', min(1.0, $apart / 1.2), Quantity::of($apart, Unit::Stop), 1.0),
            new Reason('watched', max(0.0, 1 - $watched / 5), Quantity::of($watched, Unit::Count), 1.5),
            new Reason(
                'lamps',
                // Where daylight is the key it stands for one.
                max(0.2, 1 - 0.25 * abs($lamps + ($recipe->keys === [] ? 1 : 0) - $this->wantedLamps($face->light->ambientLux / $there))),
                Quantity::of($lamps, Unit::Count),
                2.5,
            ),
        ];
        if ($this->schools->has(School::WhatIsThere)) {
            $leads = $face->light->ambientLux / $there;
            $reasons[] = new Reason('leads', min(1.0, 0.5 + $leads), Quantity::share($leads), 1.0);
        }
        $others = array_map(static fn (Person $p): float => $after->face($p->id)->light->stopsOver(), $after->setup->subjects());
        if (count($others) >= 2) {
            $reasons[] = new Reason(
                'faces',
                max(0.0, 1 - (max($others) - min($others)) / 2),
                Quantity::of(max($others) - min($others), Unit::Stop),
                2.0,
            );
        }
        if (! $this->schools->has(School::NoHaze)) {
            $behind = array_filter(
                $after->scene->lamps,
                static fn (SoftBox $b): bool => $b->placement->on && $b->facing()->floor()->dot($body->face()) > 0.2,
            );
            $reasons[] = new Reason(
                'streaks',
                $behind === [] ? 0.3 : 1.0,
                $behind === [] ? 'no lamp from behind' : 'a lamp from behind',
                1.0,
            );
        }
        $weights = array_sum(array_map(static fn (Reason $r): float => $r->weight, $reasons));

        return new Proposal(
            array_sum(array_map(static fn (Reason $r): float => $r->score * $r->weight, $reasons)) / $weights,
            $reasons,
            [],
            $edit,
            $recipe->name,
        );
    }

    /**
     * How many lamps the school works with; who repairs later takes as few as can be, and who begins with what is there adds little to it.
     *
     * @param  float  $there  share of the light on the face that is there without lamps
     */
    private function wantedLamps(float $there): int
    {
        $isLittle = $this->schools->has(School::RepairLater) || ($this->schools->has(School::WhatIsThere) && $there > 0.5);

        return $isLittle ? 1 : match ($this->schools->of(Question::Lamps)) {
            School::OneLamp => 1,
            School::ThreeToFiveLamps => 4,
            School::FiveOrSixLamps => 5,
            School::TenLamps => 8,
            default => 3,
        };
    }

    public function ratio(): float
    {
        return match ($this->schools->of(Question::Contrast)) {
            School::ShadowToLens => 3.0,
            School::OpenFace => 2.0,
            School::EvenFace => 1.3,
            default => 1.8,
        };
    }
}
