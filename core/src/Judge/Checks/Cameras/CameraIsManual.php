<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Cameras;

use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Plan\School;

/** What hunts by itself hunts in the take. By the other school, touching the face sets and locks it. */
final class CameraIsManual extends Rule
{
    public function id(): string
    {
        return 'camera-is-manual';
    }

    public function stage(): Stage
    {
        return Stage::Cameras;
    }

    public function run(Situation $situation): iterable
    {
        $touch = $situation->setup->plan->brief->schools->has(School::TouchSettings);
        $hand = true;
        foreach ($situation->settings() as $id => $set) {
            if ($set->automatic !== 'nothing') {
                $hand = false;
                yield $this->finding(
                    $touch ? Severity::Watch : Severity::Breaks,
                    ['camera' => $situation->name((string) $id), 'what' => $set->automatic],
                    [(string) $id],
                    new Working(
                        'as the camera is set',
                        ['automatic' => $set->automatic],
                        $touch ? 'school: touch the face to set it, then lock' : 'school: manual',
                    ),
                    $touch
                        ? []
                        : [
                            new Mend(
                                'set-manual',
                                ['thing' => $situation->name((string) $id)],
                                $situation->edit("cameras/$id/settings", ['automatic' => 'nothing']),
                            ),
                        ],
                    $touch ? 'lock' : null,
                );
            }
        }
        if ($hand && $situation->setup->cameras !== []) {
            yield $this->finding(
                Severity::Holds,
                [],
                array_map(strval(...), array_keys($situation->setup->cameras)),
                new Working('as the cameras are set', []),
            );
        }
    }
}
