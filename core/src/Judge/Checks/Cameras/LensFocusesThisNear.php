<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Cameras;

use FineFrame\Camera\Camera;
use FineFrame\Camera\Lens;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Staging\Body;

/** The subject is no nearer than the lens can focus. */
final class LensFocusesThisNear extends Rule
{
    public function id(): string
    {
        return 'lens-focuses-this-near';
    }

    public function stage(): Stage
    {
        return Stage::Cameras;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->framings() as $id => [$camera, $body]) {
            $distance = $camera->pupil()->distanceTo($body->eyes);
            yield $this->finding(
                $distance < $camera->lens->nearestFocusM ? Severity::Breaks : Severity::Holds,
                [
                    'camera' => $camera->placement->label,
                    'subject' => $body->person->name,
                    'distance' => Quantity::metres($distance),
                    'limit' => Quantity::metres($camera->lens->nearestFocusM),
                ],
                [$id, $body->person->id],
                new Working(
                    'distance from the lens to the eyes against the lens’s nearest focus',
                    ['distance' => Quantity::metres($distance), 'nearest focus' => Quantity::metres($camera->lens->nearestFocusM)],
                    'the lens’s data',
                ),
                fn (): array => $this->ideas($situation, $camera, $body, $distance),
            );
        }
    }

    /** @return list<Mend> another lens of this length that focuses nearer; else back to where this one does */
    private function ideas(Situation $situation, Camera $camera, Body $body, float $distance): array
    {
        [$id, $focal] = [$camera->placement->id, $camera->placement->focalMm];
        $nearer = array_filter(
            $situation->setup->plan->kit->lenses,
            static fn (Lens $l): bool => $l->nearestFocusM <= $distance && $l->shortestMm <= $focal && $l->longestMm >= $focal,
        );
        $ideas = array_map(
            static fn (Lens $l): Mend => new Mend(
                'lens',
                ['thing' => $camera->placement->label, 'lens' => $l->name],
                $situation->edit("cameras/$id", ['lens' => $l->id]),
            ),
            array_values($nearer),
        );
        $by = $camera->lens->nearestFocusM - $distance + 0.02;
        $away = $camera->placement->place->minus($body->person->place)->unit()->times($by);

        return [
            ...$ideas,
            new Mend(
                'back',
                ['thing' => $camera->placement->label, 'distance' => Quantity::metres($by)],
                $situation->moved("cameras/$id", $camera->placement->place->plus($away)),
            ),
        ];
    }
}
