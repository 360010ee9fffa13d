<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rundown;

use FineFrame\Document\Parts;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Plan\Edit;
use FineFrame\Plan\FreeId;
use FineFrame\Rundown\SectionCover;

/** Whoever plays in a section is in some camera’s frame then; two on one while another has none is a shot given away. */
final class SectionsAreCovered extends Rule
{
    public function id(): string
    {
        return 'sections-are-covered';
    }

    public function stage(): Stage
    {
        return Stage::Rundown;
    }

    public function run(Situation $situation): iterable
    {
        $song = $situation->song();
        if ($situation->setup->isTalk() || $situation->setup->cameras === []) {
            return;
        }
        foreach ($song->sections as $section) {
            $cover = $song->cover($section);
            $case = match (true) {
                $cover->gaps === [] => 'holds',
                $cover->isSafe => 'gap',
                default => 'bare',
            };
            yield $this->finding(
                match ($case) {
                    'holds' => Severity::Holds,
                    'gap' => Severity::Watch,
                    default => Severity::Breaks,
                },
                [
                    'section' => $section->text('name'),
                    'who' => implode(', ', array_map($situation->name(...), $cover->gaps)),
                    'doubles' => implode(', ', array_map($situation->name(...), $cover->doubles)) ?: 'nobody',
                ],
                [$section->id],
                new Working('whose face each camera has in the middle of the section, or whom it is said to be on', [
                    'play' => implode(', ', array_map($situation->name(...), $song->players($section))),
                    'two cameras or more on' => implode(', ', array_map($situation->name(...), $cover->doubles)) ?: 'nobody',
                ]),
                fn (): array => $this->ideas($situation, $section->text('name'), $cover),
                $case,
            );
        }
    }

    /** @return list<Mend> a camera that is second on somebody goes to who has none */
    private function ideas(Situation $situation, string $section, SectionCover $cover): array
    {
        $ideas = [];
        foreach ($situation->setup->cameras as $id => $camera) {
            if (! $camera->isManned() || $cover->gaps === []) {
                continue;
            }
            $who = $situation->name($cover->gaps[0]);
            $ideas[] = new Mend('turn-to', ['thing' => $camera->placement->label, 'who' => $who, 'section' => $section], new Edit([
                "/setups/{$situation->setup->setup->id}/rolls" => [
                    ...Parts::written($situation->setup->setup->list('rolls')),
                    [
                        'id' => FreeId::of('roll', array_column($situation->setup->setup->list('rolls'), 'id')),
                        'name' => $section, 'camera' => $id, 'on' => $who,
                    ],
                ],
            ]));
        }

        return $ideas;
    }
}
