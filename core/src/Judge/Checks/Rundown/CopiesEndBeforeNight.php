<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rundown;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Rundown\Clock;

/** Copies are made while somebody is awake to look at them. */
final class CopiesEndBeforeNight extends Rule
{
    /** Eleven at night. */
    private const NIGHT_MIN = 23 * 60;

    public function id(): string
    {
        return 'copies-end-before-night';
    }

    public function stage(): Stage
    {
        return Stage::Rundown;
    }

    public function run(Situation $situation): iterable
    {
        [$day, $media] = [$situation->day(), $situation->media()];
        if ($day === null || $media === null || $media->drives() === [] || $media->total() <= 0.0) {
            return;
        }
        $takes = (int) ceil($media->copyingS() / 60);
        $ends = $day->endMin() + $takes;
        yield $this->finding(
            $ends <= self::NIGHT_MIN ? Severity::Holds : Severity::Watch,
            ['ends' => Clock::said($ends), 'time' => Clock::span($takes), 'home' => Clock::said($day->endMin())],
            [$situation->setup->setup->id],
            new Working('from the end of the day on, two copies, each read again', ['copying' => Clock::span($takes)]),
        );
    }
}
