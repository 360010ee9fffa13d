<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Light;

use FineFrame\Judge\Hours;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Light\Weather;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Plan\School;
use FineFrame\Space\Curtain;
use FineFrame\Sun\Site;

/** The first minute and the last are cut beside each other: light on a face that drifts by more than half a stop shows. */
final class LightIsSteady extends Rule
{
    public function id(): string
    {
        return 'light-is-steady';
    }

    public function stage(): Stage
    {
        return Stage::Light;
    }

    public function run(Situation $situation): iterable
    {
        $site = $situation->setup->location->site;
        $weather = $situation->setup->setup->metering->weather;
        $window = $site === null ? null : $situation->setup->hours()->window($site);
        if ($site === null || $window === null || $weather === Weather::AsMetered) {
            return;
        }
        $day = $situation->place()->study()?->day;
        if ($day !== null && $day->isDark($window)) {
            return;
        }
        $limit = $situation->limits->get('drift_watch_stops');
        // Clouds that come and go give both of these within one sentence.
        $isBroken = $weather === Weather::Broken;
        $skies = $isBroken ? [Weather::Clear, Weather::Overcast] : [$weather];
        foreach ($situation->setup->subjects() as $subject) {
            $levels = [];
            foreach ([$window[0], ($window[0] + $window[1]) / 2, $window[1]] as $time) {
                foreach ($skies as $sky) {
                    $levels[$site->clock($time).($isBroken ? " $sky->value" : '')] = log(
                        max(1e-6, $situation->face($subject->id)->totalAt($sky, $time)),
                        2,
                    );
                }
            }
            $drift = max($levels) - min($levels);
            $curtains = [];
            foreach ($drift > $limit ? $situation->scene->windows()?->outlines() ?? [] : [] as $opening => $corners) {
                $curtains[$opening] = Curtain::Lined;
            }
            yield $this->finding(
                $drift > $limit ? Severity::Watch : Severity::Holds,
                [
                    'subject' => $subject->name,
                    'drift' => Quantity::of($drift, Unit::Stop),
                    'limit' => Quantity::of($limit, Unit::Stop),
                    'sky' => $weather->value,
                ],
                [$subject->id],
                new Working(
                    'light on the face at the beginning, the middle and the end, over the first',
                    array_map(static fn (float $l): Quantity => Quantity::of($l - reset($levels), Unit::Stop), $levels),
                    'clouds are not predicted',
                ),
                $drift > $limit
                    ? [
                        ...$this->noon($situation, $site, $window),
                        ...array_map(
                            static fn (array $all): Mend => new Mend(
                                'draw-curtains',
                                ['windows' => 'windows'],
                                $situation->setup->drawing($all),
                            ),
                            array_filter([$curtains]),
                        ),
                    ]
                    : [],
                $isBroken && $drift > $limit ? 'clouds' : null,
            );
        }
    }

    /**
     * @param  array{float, float}  $window
     * @return list<Mend> the same hours around the sun's highest, where that is the school
     */
    private function noon(Situation $situation, Site $site, array $window): array
    {
        $noon = $situation->place()->study()?->day->noon;

        return $noon === null || ! $situation->setup->plan->brief->schools->has(School::AroundNoon)
            ? []
            : Hours::from($situation, $site, $noon - ($window[1] - $window[0]) / 2);
    }
}
