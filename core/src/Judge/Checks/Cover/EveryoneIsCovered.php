<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Cover;

use FineFrame\Judge\Coverage;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Moves;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;

/** Every performer has a camera that is on them and sees their face; two on one and nobody on another is the usual slip. */
final class EveryoneIsCovered extends Rule
{
    public function id(): string
    {
        return 'everyone-is-covered';
    }

    public function stage(): Stage
    {
        return Stage::Cameras;
    }

    public function run(Situation $situation): iterable
    {
        if ($situation->setup->isTalk() || $situation->setup->cameras === []) {
            return;
        }
        $coverage = $situation->coverage();
        $on = [];
        foreach ($situation->setup->subjects() as $subject) {
            $on[$subject->id] = array_keys(
                array_filter($situation->setup->cameras, static fn ($c): bool => Coverage::isOn($c, $subject->id)),
            );
        }
        foreach ($situation->setup->subjects() as $subject) {
            $seen = array_values(array_intersect($on[$subject->id], $coverage->seenBy($subject->id)));
            $doubled = array_keys(array_filter($on, static fn (array $cameras): bool => count($cameras) > 1));
            $case = match (true) {
                $on[$subject->id] === [] => $doubled === [] ? 'nobody' : 'doubled',
                $seen === [] => 'unseen',
                default => 'holds',
            };
            yield $this->finding(
                $case === 'holds' ? Severity::Holds : Severity::Breaks,
                [
                    'subject' => $subject->name,
                    'cameras' => implode(', ', array_map($situation->name(...), $case === 'holds' ? $seen : $on[$subject->id])),
                    'other' => $doubled === [] ? '' : $situation->name((string) $doubled[0]),
                ],
                [$subject->id],
                new Working(
                    'on = aims at or also covers; seen = 60 % of the head in frame and unhidden, the face within 100° of the lens',
                    array_combine(
                        array_map($situation->name(...), array_keys($situation->setup->cameras)),
                        array_map(
                            static fn (array $lines): string => round(
                                100 * $lines[$subject->id]->inFrame * $lines[$subject->id]->clear,
                            ).' %',
                            array_values($coverage->lines()),
                        ),
                    ),
                ),
                fn (): array => $case === 'unseen' ? $this->round($situation, $on[$subject->id], $subject->id) : $this->ideas(
                    $situation,
                    $coverage,
                    $subject->id,
                    $subject->name,
                ),
                $case,
            );
        }
    }

    /** @return list<Mend> a camera that sees them already */
    private function ideas(Situation $situation, Coverage $coverage, string $subject, string $name): array
    {
        return array_map(
            static fn (string $id): Mend => new Mend(
                'cover',
                ['camera' => $situation->name($id), 'subject' => $name],
                $situation->edit("cameras/$id", ["covers/$subject" => true]),
            ),
            $coverage->seenBy($subject),
        );
    }

    /**
     * @param  list<string>  $cameras  that are on somebody and do not see them
     * @return list<Mend>
     */
    private function round(Situation $situation, array $cameras, string $subject): array
    {
        return array_merge(
            [],
            ...array_map(
                static fn (string $id): array => Moves::around(
                    $situation,
                    $situation->setup->cameras[$id],
                    $situation->setup->bodies[$subject],
                ),
                $cameras,
            ),
        );
    }
}
