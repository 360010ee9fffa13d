<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Cameras;

use FineFrame\Camera\Camera;
use FineFrame\Geometry\Vec2;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Plan\School;
use FineFrame\Staging\Person;

/** All cameras stay on one side of the line between the people who look at one another, so that looks keep their direction. */
final class LineIsKept extends Rule
{
    public function id(): string
    {
        return 'line-is-kept';
    }

    public function stage(): Stage
    {
        return Stage::Cameras;
    }

    public function run(Situation $situation): iterable
    {
        $pair = $this->pair($situation);
        $a = $situation->setup->camera(0);
        if (
            $pair === null
            || $a === null
            || ! $situation->setup->isTalk()
            || $situation->setup->plan->brief->schools->has(School::IntoLens)
        ) {
            return;
        }
        [$from, $to] = [$pair[0]->place, $pair[1]->place];
        $line = $to->minus($from)->unit();
        $reference = $line->cross($a->placement->place->minus($from));
        foreach (array_slice($situation->setup->cameras, 1) as $id => $camera) {
            $beyond = $line->cross($camera->placement->place->minus($from));
            yield $this->finding(
                $beyond * $reference < 0 ? Severity::Breaks : Severity::Holds,
                [
                    'a' => $a->placement->label,
                    'camera' => $camera->placement->label,
                    'one' => $pair[0]->name,
                    'other' => $pair[1]->name,
                    'distance' => Quantity::metres(abs($beyond)),
                ],
                [$id],
                new Working(
                    'side = direction of the look × direction to the camera',
                    [
                        'A from the line' => Quantity::metres($reference),
                        $camera->placement->label.' from the line' => Quantity::metres($beyond),
                    ],
                ),
                $this->mirrored($situation, $camera, $from, $line),
            );
        }
    }

    /** @return array{Person, Person}|null */
    private function pair(Situation $situation): ?array
    {
        $subjects = $situation->setup->subjects();
        $people = array_column($situation->setup->setup->people, null, 'id');
        $first = $subjects[0] ?? null;
        $other = $first === null ? null : ($people[$first->looksAt ?? ''] ?? $subjects[1] ?? null);

        return $first === null || $other === null ? null : [$first, $other];
    }

    /** @return list<Mend> */
    private function mirrored(Situation $situation, Camera $camera, Vec2 $from, Vec2 $line): array
    {
        $arm = $camera->placement->place->minus($from);
        $across = $arm->minus($line->times(2 * $line->left()->dot($arm))->left());
        $ideas = [];
        foreach ([1.0, 0.85, 0.7] as $share) {
            $ideas[] = new Mend(
                'cross-back',
                ['thing' => $camera->placement->label],
                $situation->moved("cameras/{$camera->placement->id}", $from->plus($across->times($share))),
            );
        }

        return $ideas;
    }
}
