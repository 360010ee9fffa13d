<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Cover;

use FineFrame\Camera\Mark;
use FineFrame\Judge\Checks\Take\TakeStaysClean;
use FineFrame\Judge\Coverage;
use FineFrame\Judge\Moves;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Scene\Sightline;

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

    /** What is hidden of a head that the frame holds. */
    private function hides(Sightline $line): float
    {
        return $line->inFrame < 0.3 ? 0.0 : 1 - $line->clear;
    }

    /** @return list<array{float, array<string, Sightline>}> the moments of a camera’s marks, and what it sees from them */
    private function atMarks(Situation $situation, string $camera): array
    {
        $path = $situation->coverage()->moveOf($camera)?->path;

        return $path === null
            ? []
            : array_map(static fn (Mark $m): array => [$m->atS, $situation->coverage()->from($path->mark($m))], $path->marks);
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->coverage()->lines() as $id => $lines) {
            $camera = $situation->setup->cameras[$id];
            $marks = $this->atMarks($situation, $id);
            foreach ($lines as $subject => $line) {
                $at = null;
                foreach ($marks as [$moment, $there]) {
                    [$line, $at] = $this->hides($there[$subject]) > $this->hides($line) ? [$there[$subject], $moment] : [$line, $at];
                }
                if (! Coverage::isOn($camera, $subject) || $this->hides($line) < self::HIDDEN) {
                    continue;
                }
                $hidden = 1 - $line->clear;
                $body = $situation->setup->bodies[$subject];
                yield $this->finding(
                    $hidden > 2 * self::HIDDEN ? Severity::Breaks : Severity::Watch,
                    [
                        'camera' => $camera->placement->label,
                        'subject' => $body->person->name,
                        'thing' => $line->by === $subject ? 'the instrument' : $situation->name($line->by),
                        'share' => Quantity::share($hidden),
                        'at' => TakeStaysClean::clock($at ?? 0.0),
                    ],
                    // What hides it is concerned as well.
                    array_values(array_unique([$id, $subject, $line->by])),
                    new Working(
                        'hidden share of the head in frame, sampled over its outline',
                        ['hidden' => Quantity::share($hidden), 'of the head in frame' => Quantity::share($line->inFrame)],
                    ),
                    $at === null ? Moves::around($situation, $camera, $body) : [],
                    $at === null ? null : 'moving',
                );
            }
        }
    }
}
