<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Cover;

use FineFrame\Judge\Coverage;
use FineFrame\Judge\Moves;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;

/** Nothing stands between a camera and the face it is on: another performer, an instrument, a stand, a platform, a crowd. */
final class SightIsClear extends Rule
{
    private const HIDDEN = 0.3;

    public function id(): string
    {
        return 'sight-is-clear';
    }

    public function stage(): Stage
    {
        return Stage::Cameras;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->coverage()->lines() as $id => $lines) {
            $camera = $situation->setup->cameras[$id];
            foreach ($lines as $subject => $line) {
                if (! Coverage::isOn($camera, $subject) || $line->inFrame < 0.3 || 1 - $line->clear < self::HIDDEN) {
                    continue;
                }
                $hidden = 1 - $line->clear;
                $body = $situation->setup->bodies[$subject];
                yield $this->finding(
                    $hidden > 2 * self::HIDDEN ? Severity::Breaks : Severity::Watch,
                    ['camera' => $camera->placement->label, 'subject' => $body->person->name, 'thing' => $line->by === $subject ? 'the instrument' : $situation->name($line->by), 'share' => Quantity::share($hidden)],
                    [$id, $subject],
                    new Working('hidden share of the head in frame, sampled over its outline', ['hidden' => Quantity::share($hidden), 'of the head in frame' => Quantity::share($line->inFrame)]),
                    Moves::around($situation, $camera, $body),
                );
            }
        }
    }
}
