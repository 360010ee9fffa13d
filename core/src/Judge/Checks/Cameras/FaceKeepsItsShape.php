<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Cameras;

use FineFrame\Camera\Camera;
use FineFrame\Camera\Perspective;
use FineFrame\Judge\Checks\Take\TakeStaysClean;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Staging\Body;

/** A lens too close stretches a face: nose large, ears small. Distance alone does it. */
final class FaceKeepsItsShape extends Rule
{
    public function id(): string
    {
        return 'face-keeps-its-shape';
    }

    public function stage(): Stage
    {
        return Stage::Cameras;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->framings() as $id => [$camera, $body]) {
            [$distance, $at] = $this->nearest($situation, $camera, $body);
            $watch = $situation->limits->get('face_watch_m');
            $stretch = Perspective::noseToEar($distance);

            yield $this->finding(
                Severity::below($distance, $situation->limits->get('face_break_m'), $watch),
                [
                    'camera' => $camera->placement->label,
                    'subject' => $body->person->name,
                    'distance' => Quantity::metres($distance),
                    'limit' => Quantity::metres($watch),
                    'stretch' => Quantity::share($stretch - 1),
                    'at' => TakeStaysClean::clock($at ?? 0.0),
                ],
                [$id, $body->person->id],
                new Working(
                    'nose to ear = (d + 0.13 m) / d',
                    ['d' => Quantity::metres($distance), 'nose larger than ear by' => Quantity::share($stretch - 1)],
                ),
                $at === null ? $this->back($situation, $camera, $body, $watch + 0.02) : [],
                $at !== null && $distance < $watch ? 'moving' : null,
            );
        }
    }

    /** @return array{float, float|null} how near the lens comes to the eyes, and when on its way; null where it stands */
    private function nearest(Situation $situation, Camera $camera, Body $body): array
    {
        $nearest = [$camera->pupil()->distanceTo($body->eyes), null];
        foreach ($situation->coverage()->moveOf($camera->placement->id)?->steps() ?? [] as [$moment, $view]) {
            $here = $view->camera->pupil()->distanceTo($body->eyes);
            $nearest = $here < $nearest[0] - 1e-6 && $situation->setup->bodyFor($view->camera) === $body ? [$here, $moment] : $nearest;
        }

        return $nearest;
    }

    /** @return list<Mend> back to the limit, with the focal length that keeps the face as large where the lens has it */
    private function back(Situation $situation, Camera $camera, Body $body, float $distance): array
    {
        $arm = $camera->pupil()->minus($body->eyes);
        $place = $body->eyes->floor()->plus($arm->floor()->unit()->times(sqrt(max(1e-3, $distance ** 2 - $arm->z ** 2))));
        $focal = min($camera->lens->longestMm, round($camera->placement->focalMm * $distance / max($arm->length(), 1e-3), 1));
        $values = ['x_m' => $place->x, 'y_m' => $place->y] + ($camera->lens->isZoom() ? ['focal_mm' => $focal] : []);
        $edit = $situation->edit("cameras/{$camera->placement->id}", $values);

        return [new Mend($camera->lens->isZoom() ? 'back-and-zoom' : 'back', [
            'thing' => $camera->placement->label,
            'distance' => Quantity::metres($distance - $arm->length()),
            'focal' => Quantity::of($focal, Unit::Millimetre),
        ], $edit)];
    }
}
