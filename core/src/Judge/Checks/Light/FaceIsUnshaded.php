<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Light;

use FineFrame\Judge\LampMoves;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Scene\Occlusion;

/**
 * What stands between a lamp and the face it is for takes the light, or lays an edge across it: a camera, a stand, a head, a microphone.
 */
final class FaceIsUnshaded extends Rule
{
    private const LOST = 0.12;

    public function id(): string
    {
        return 'face-is-unshaded';
    }

    public function stage(): Stage
    {
        return Stage::Light;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->scene->lamps as $id => $lamp) {
            $subject = $lamp->placement->subject;
            if (! $lamp->placement->on || $lamp->placement->aim !== null || $situation->scene->isOutside($id)) {
                continue;
            }
            $body = $situation->setup->bodies[$subject];
            $lost = 1 - $situation->face($subject)->seen[$id];
            $by = $lost > self::LOST ? Occlusion::blocker($situation->scene, $lamp, $body->eyes, $subject) : null;
            yield $this->finding(
                $by !== null ? Severity::Watch : Severity::Holds,
                [
                    'lamp' => $situation->name($id),
                    'subject' => $body->person->name,
                    'thing' => $by === null ? 'nothing' : $situation->name($by),
                    'share' => Quantity::share($lost),
                ],
                array_values(array_filter([$id, $subject, $by])),
                new Working(
                    'the lamp’s face less what stands between it and the eyes, by the light of each part',
                    ['hidden' => Quantity::share($lost)],
                ),
                $by === null ? [] : fn (): array => [
                    ...LampMoves::swung($situation, $id),
                    LampMoves::raised($situation, $id, 0.3),
                    LampMoves::raised($situation, $id, 0.6),
                ],
            );
        }
    }
}
