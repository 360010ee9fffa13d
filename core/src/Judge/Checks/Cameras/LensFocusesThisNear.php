<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Cameras;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;

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
                ['camera' => $camera->placement->label, 'subject' => $body->person->name, 'distance' => Quantity::metres($distance), 'limit' => Quantity::metres($camera->lens->nearestFocusM)],
                [$id, $body->person->id],
                new Working('distance from the lens to the eyes against the lens’s nearest focus', ['distance' => Quantity::metres($distance), 'nearest focus' => Quantity::metres($camera->lens->nearestFocusM)], 'the lens’s data'),
            );
        }
    }
}
