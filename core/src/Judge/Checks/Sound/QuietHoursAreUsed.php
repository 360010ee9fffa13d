<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Sound;

use FineFrame\Judge\Hours;
use FineFrame\Judge\QuietHours;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Scout\Noise;

/** A place has its quiet hours: what cannot be stopped may be waited for. */
final class QuietHoursAreUsed extends Rule
{
    public function id(): string
    {
        return 'quiet-hours-are-used';
    }

    public function stage(): Stage
    {
        return Stage::Sound;
    }

    public function run(Situation $situation): iterable
    {
        $site = $situation->setup->location->site;
        $window = $site === null ? null : $situation->setup->hours()->window($site);
        $quiet = QuietHours::of($situation);
        $windows = $quiet->windows();
        if ($site === null || $window === null || $situation->setup->location->list('noise') === [] || $situation->heard() === []) {
            return;
        }
        $long = $window[1] - $window[0];
        $from = $site->clock($window[0]);
        $to = $site->clock($window[1]);
        $inside = array_filter(
            $windows,
            static fn (array $w): bool => 60 * (
                $w[2]
                - (Noise::minutes($from) - Noise::minutes($w[0]) + Noise::DAY_MIN) % Noise::DAY_MIN
            ) >= $long,
        );
        $better = array_values(array_filter($windows, static fn (array $w): bool => 60 * $w[2] >= $long));
        $case = match (true) {
            $inside !== [] => null,
            $better !== [] => 'other',
            default => 'never',
        };
        yield $this->finding(
            $case === null ? Severity::Holds : Severity::Watch,
            [
                'from' => $from,
                'to' => $to,
                'quiet' => implode(' to ', array_slice($better[0] ?? $windows[0] ?? ['none'], 0, 2)),
            ],
            ['quiet-hours'],
            new Working(
                'what runs in each quarter of an hour, together, against the voice that is heard least',
                ['stretches' => (string) count($windows)],
            ),
            $case === 'other' ? Hours::from($situation, $site, $situation->setup->hours()->moment($site, $better[0][0])) : [],
            $case,
        );
    }
}
