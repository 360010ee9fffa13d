<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rundown;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;

/** Whoever leads a section has a camera besides the wide: the song is cut to them. */
final class LeaderHasACamera extends Rule
{
    public function id(): string
    {
        return 'leader-has-a-camera';
    }

    public function stage(): Stage
    {
        return Stage::Rundown;
    }

    public function run(Situation $situation): iterable
    {
        $song = $situation->song();
        foreach ($situation->setup->isTalk() || $situation->setup->cameras === [] ? [] : $song->sections as $section) {
            $names = $section->text('leads');
            $leaders = $names === '' ? null : $song->named($names);
            if ($leaders === null) {
                continue;
            }
            $without = array_intersect($leaders, $song->cover($section)->gaps);
            yield $this->finding(
                $without === [] ? Severity::Holds : Severity::Watch,
                [
                    'section' => $section->text('name'),
                    'who' => implode(', ', array_map($situation->name(...), $without === [] ? $leaders : $without)),
                ],
                [$section->id],
                new Working('whoever leads against whose face each camera has, the wide apart', ['leads' => $names]),
            );
        }
    }
}
