<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rundown;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;

/** Whoever leads or plays in a section is somebody of this setup, so that cameras and cues find them. */
final class LeadersAreThere extends Rule
{
    public function id(): string
    {
        return 'leaders-are-there';
    }

    public function stage(): Stage
    {
        return Stage::Rundown;
    }

    public function run(Situation $situation): iterable
    {
        $song = $situation->song();
        foreach ($situation->setup->subjects() === [] ? [] : $song->sections as $section) {
            foreach (['leads', 'plays'] as $column) {
                $names = $section->text($column);
                if ($names === '') {
                    continue;
                }
                yield $this->finding(
                    $song->named($names) === null ? Severity::Watch : Severity::Holds,
                    ['section' => $section->text('name'), 'names' => $names],
                    [$section->id],
                    new Working('names in the song map against names of who performs', [
                        'there' => implode(', ', array_column($situation->setup->subjects(), 'name')),
                    ]),
                );
            }
        }
    }
}
