<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rundown;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;

/** A camera that rolls through a section on nobody who plays might be on them, or rest. */
final class CamerasHaveSomethingToDo extends Rule
{
    public function id(): string
    {
        return 'cameras-have-something-to-do';
    }

    public function stage(): Stage
    {
        return Stage::Rundown;
    }

    public function run(Situation $situation): iterable
    {
        $song = $situation->song();
        if ($situation->setup->isTalk()) {
            return;
        }
        $idle = [];
        foreach ($song->sections as $section) {
            foreach ($song->cover($section)->idle as $id) {
                $idle[$id][] = $section->text('name');
            }
        }
        foreach ($song->sections === [] ? [] : $situation->setup->cameras as $id => $camera) {
            $sections = $idle[$id] ?? [];
            yield $this->finding(
                $sections === [] ? Severity::Holds : Severity::Watch,
                ['camera' => $camera->placement->label, 'sections' => implode(', ', $sections)],
                [$id],
                new Working('sections in which it rolls, and has nobody playing', ['of' => (string) count($song->sections)]),
            );
        }
    }
}
