<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Sound;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;

/** Cells last the recording, or there is a break and a fresh set to change them in. */
final class PacksOutlastTheDay extends Rule
{
    public function id(): string
    {
        return 'packs-outlast-the-day';
    }

    public function stage(): Stage
    {
        return Stage::Sound;
    }

    /** Cells are changed with this much of them left. */
    private const LEFT = 0.2;

    public function run(Situation $situation): iterable
    {
        $minutes = $situation->setup->hours()->minutes ?? $situation->setup->takeMinutes();
        foreach ([...$situation->setup->setup->list('links'), ...$situation->setup->setup->list('recorders')] as $thing) {
            $hours = $thing->number('hours');
            if ($hours === null || $minutes === null || $minutes <= 0) {
                continue;
            }
            $lasts = 60 * $hours * (1 - self::LEFT);
            $sets = (int) ceil($minutes / max(1.0, $lasts));
            $carried = $thing->has('sets') ? (int) ($thing->number('sets') ?? 1.0) : 1;
            $take = $situation->setup->takeMinutes() ?? 0.0;
            $case = match (true) {
                $take > $lasts => 'in-the-take', $sets > $carried => 'short', $sets > 1 => 'change', default => null,
            };
            yield $this->finding(
                match (true) {
                    $case === 'in-the-take' => Severity::Breaks,
                    $case === 'short' => Severity::Watch,
                    default => Severity::Holds,
                },
                [
                    'thing' => $thing->text('name'),
                    'hours' => (string) round($hours, 1),
                    'sets' => (string) $sets,
                    'carried' => (string) $carried,
                    'minutes' => (string) round($lasts),
                ],
                [$thing->id],
                new Working(
                    'hours, less a fifth that is left in them, against what is recorded',
                    ['lasts' => round($lasts).' min', 'recorded' => round($minutes).' min', 'longest stretch' => round($take).' min'],
                    'cold and age take more',
                ),
                case: $case,
            );
        }
    }
}
