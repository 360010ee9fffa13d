<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Cameras;

use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Plan\School;
use FineFrame\Scene\LensView;

/** The frame leaves more room in front of the face than behind it. */
final class LookingRoomIsAhead extends Rule
{
    public function id(): string
    {
        return 'looking-room-is-ahead';
    }

    public function stage(): Stage
    {
        return Stage::Cameras;
    }

    /** A gaze this near the lens has no side. */
    private const INTO_LENS_DEG = 4.0;

    /** Shares of the frame's width by which the room may be even. */
    private const EVEN = 0.03;

    public function run(Situation $situation): iterable
    {
        if ($situation->setup->plan->brief->schools->has(School::IntoLens)) {
            return;
        }
        foreach ($situation->framings() as $id => [$camera, $body]) {
            $view = $situation->scene->views[$id];
            $at = $view->place($body->eyes);
            if ($at === null) {
                continue;
            }
            $off = rad2deg(LensView::gazeOff($camera, $body));
            $x = $at[0] / $view->cropX;
            $ahead = (1 - ($off > 0 ? $x : -$x)) / 2;
            $sided = abs($off) > self::INTO_LENS_DEG && abs($off) < 150;

            yield $this->finding(
                match (true) {
                    ! $sided || $ahead >= 0.5 - self::EVEN => Severity::Holds,
                    $ahead >= 0.4 => Severity::Watch,
                    default => Severity::Breaks,
                },
                [
                    'camera' => $camera->placement->label,
                    'subject' => $body->person->name,
                    'ahead' => Quantity::share($ahead),
                    'side' => $off > 0 ? 'right' : 'left',
                ],
                [$id, $body->person->id],
                new Working(
                    'ahead = from the eyes to the frame’s edge in the direction of the look / width',
                    ['ahead' => Quantity::share($ahead), 'look off the lens' => Quantity::degrees($off)],
                ),
                [
                    new Mend(
                        'aim-ahead',
                        ['thing' => $camera->placement->label],
                        $situation->edit("cameras/$id", ['aim/mode' => 'eyes', 'aim/side' => 'ahead', 'aim/subject' => $body->person->id]),
                    ),
                ],
            );
        }
    }
}
