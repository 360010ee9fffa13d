<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Light;

use FineFrame\Judge\Hours;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Light\Weather;
use FineFrame\Plan\School;

/** Who works after dark, for all of the light to be theirs, has to wait until it is dark: the sun six degrees under. */
final class DarkIsWaitedFor extends Rule
{
    public function id(): string
    {
        return 'dark-is-waited-for';
    }

    public function stage(): Stage
    {
        return Stage::Light;
    }

    public function run(Situation $situation): iterable
    {
        $schools = $situation->setup->plan->brief->schools;
        $site = $situation->setup->location->site;
        $window = $site === null ? null : $situation->setup->hours()->window($site);
        $day = $situation->place()->study()?->day;
        if (
            (! $schools->has(School::AfterDark) && ! $schools->has(School::WaitForDark))
            || $site === null
            || $window === null
            || $day?->civilDusk === null
            || $day->civilDawn === null
            || ! ($situation->scene->windowsAt(Weather::Overcast, $window[0])?->isOpen() ?? false)
        ) {
            return;
        }
        $isDark = $day->isDark($window);
        yield $this->finding(
            $isDark ? Severity::Holds : Severity::Watch,
            ['from' => $site->clock($window[0]), 'dark' => $site->clock($day->civilDusk)],
            ['hours'],
            new Working(
                'the sun’s centre six degrees under the horizon',
                ['dark from' => $site->clock($day->civilDusk), 'recorded from' => $site->clock($window[0])],
            ),
            $isDark ? [] : Hours::from($situation, $site, $day->civilDusk),
        );
    }
}
