<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Stage;

use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;

/** A person pulled off the wall gets depth, softness and a shadow that falls out of frame. */
final class SubjectStandsOffTheBackground extends Rule
{
    public function id(): string
    {
        return 'subject-stands-off-the-background';
    }

    public function stage(): Stage
    {
        return Stage::Stage;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->framings() as $id => [$camera, $body]) {
            $behind = $situation->backdrop($camera, $body);
            $watch = $situation->limits->get('background_watch_m');
            $towards = $camera->placement->place->minus($body->person->place)->unit();
            $short = $watch - $behind->distanceM;

            yield $this->finding(
                Severity::below($behind->distanceM, $situation->limits->get('background_break_m'), $watch),
                [
                    'camera' => $camera->placement->label, 'subject' => $body->person->name, 'behind' => $situation->name($behind->owner),
                    'distance' => Quantity::metres($behind->distanceM), 'limit' => Quantity::metres($watch),
                ],
                [$id, $body->person->id],
                new Working(
                    'distance from the head to the first thing behind it, on the camera’s line',
                    ['distance' => Quantity::metres($behind->distanceM)],
                ),
                [
                    new Mend(
                        'move-forward',
                        ['thing' => $body->person->name, 'distance' => Quantity::metres($short + 0.02)],
                        $situation->moved("subjects/{$body->person->id}", $body->person->place->plus($towards->times($short + 0.02))),
                    ),
                ],
            );
        }
    }
}
