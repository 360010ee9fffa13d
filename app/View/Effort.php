<?php

declare(strict_types=1);

namespace App\View;

use FineFrame\Light\LightPlacement;
use FineFrame\Plan\SetupPlan;

/** What may take longer than a page should, and when it does. */
enum Effort: string
{
    case Proposals = 'proposals';
    case Steps = 'steps';
    case LitFrames = 'lit frames';
    case Stops = 'stops';
    case Daylight = 'daylight';
    case Sight = 'sight';

    /** Lamps that burn, times what stands in the room, times pictures: what a second of work is, by measurement. */
    private const A_SECOND = 900;

    public function isLong(SetupPlan $setup): bool
    {
        $s = $setup->setup;
        $lamps = 1 + count(array_filter($s->lights, static fn (LightPlacement $l): bool => $l->on));
        $things = 10 + count($s->furniture) + 4 * count($s->people) + 2 * count($s->cameras) + count($s->lights) + count($s->booms);

        return match ($this) {
            self::Proposals, self::Steps => true,
            self::LitFrames => $lamps * $things * count($s->cameras) > self::A_SECOND,
            self::Stops => $lamps * $things > self::A_SECOND,
            self::Sight => $things * count($setup->subjects()) > self::A_SECOND,
            self::Daylight => $lamps * $things * count($setup->subjects()) > self::A_SECOND,
        };
    }

    /** What is said while it is made. */
    public function doing(): string
    {
        return match ($this) {
            self::Proposals => 'Scoring positions and trying the best …',
            self::Steps => 'Dimming, moving and adding, and metering each …',
            self::LitFrames => 'Lighting the frames …',
            self::Stops => 'Metering the floor …',
            self::Sight => 'Looking from everywhere at every face …',
            self::Daylight => 'Following the sun through the day …',
        };
    }
}
