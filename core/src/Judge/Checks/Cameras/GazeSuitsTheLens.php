<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Cameras;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Plan\GazeSchool;
use FineFrame\Scene\LensView;

/** The look passes close beside A’s lens, or goes straight into it, as the school of gaze has it. */
final class GazeSuitsTheLens extends Rule
{
    public function id(): string
    {
        return 'gaze-suits-the-lens';
    }

    public function stage(): Stage
    {
        return Stage::Cameras;
    }

    private const INTO_LENS_DEG = 3.0;

    public function run(Situation $situation): iterable
    {
        $a = $situation->setup->camera(0);
        $body = $a === null ? null : $situation->setup->bodyFor($a);
        if ($a === null || $body === null) {
            return;
        }
        $off = abs(rad2deg(LensView::gazeOff($a, $body)));
        $widest = $situation->limits->get('gaze_widest_deg');
        $into = $situation->setup->plan->brief->schools->gaze() === GazeSchool::IntoLens;
        $severity = $into
            ? Severity::above($off, self::INTO_LENS_DEG, 2 * self::INTO_LENS_DEG)
            : ($off < self::INTO_LENS_DEG || $off > $widest ? Severity::Watch : Severity::Holds);

        yield $this->finding(
            $severity,
            ['camera' => $a->placement->label, 'subject' => $body->person->name, 'angle' => Quantity::degrees($off), 'limit' => Quantity::degrees($into ? self::INTO_LENS_DEG : $widest)],
            [$a->placement->id, $body->person->id],
            new Working('angle = between the look and the line to the lens, on the floor', ['angle' => Quantity::degrees($off)], $into ? 'school: into the lens' : 'school: to a person beside the lens'),
            case: $severity === Severity::Holds ? null : match (true) {
                $into => 'not-into-lens',
                $off < self::INTO_LENS_DEG => 'too-near',
                default => 'too-wide',
            },
        );
    }
}
