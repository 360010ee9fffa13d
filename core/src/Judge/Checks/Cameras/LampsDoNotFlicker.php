<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Cameras;

use FineFrame\Document\Record;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Light\Exposure;
use FineFrame\Measure\Quantity;

/** Lamps of the house pulse twice a mains cycle: a shutter of whole pulses does not see it. Where none stays on, any shutter does. */
final class LampsDoNotFlicker extends Rule
{
    private const NEAR = 0.01;

    public function id(): string
    {
        return 'lamps-do-not-flicker';
    }

    public function stage(): Stage
    {
        return Stage::Cameras;
    }

    public function run(Situation $situation): iterable
    {
        $lamps = array_values(
            array_filter(
                $situation->setup->place->list('colour'),
                static fn (Record $r): bool => $r->text('plan') !== 'switch off' && ! str_contains(
                    mb_strtolower($r->text('name')),
                    'daylight',
                ),
            ),
        );
        if ($lamps === [] || $situation->setup->cameras === []) {
            return;
        }
        $mains = $situation->setup->location->mainsHz();
        foreach ($situation->settings() as $id => $set) {
            $times = Exposure::steadyTimes($set->fps, $mains);
            $holds = array_filter($times, static fn (float $t): bool => abs($set->shutterS() - $t) < self::NEAR * $t) !== [];
            $nearest = $times === []
                ? null
                : array_reduce(
                    $times,
                    static fn (?float $best, float $t): float => $best === null || abs($t - $set->shutterS()) < abs(
                        $best - $set->shutterS(),
                    ) ? $t : $best,
                );
            $angle = $nearest === null ? null : round(Exposure::shutterAngleDeg($nearest, $set->fps), 1);
            yield $this->finding(
                $holds ? Severity::Holds : Severity::Watch,
                [
                    'camera' => $situation->name((string) $id),
                    'lamp' => $lamps[0]->text('name'),
                    'shutter' => SettingsAgree::print($set, 'shutter_deg'),
                    'angle' => $angle === null ? 'none at this rate' : $angle.'°',
                    'mains' => round($mains).' Hz',
                ],
                [(string) $id],
                new Working(
                    'steady exposure = n / (2 × mains)',
                    [
                        'shutter' => Quantity::seconds($set->shutterS()),
                        'nearest steady' => $nearest === null ? '—' : Quantity::seconds($nearest),
                        'mains' => round($mains).' Hz',
                    ],
                    'lamps pulse at twice the mains; electronic ones may pulse otherwise: look at them through the camera',
                ),
                $angle === null
                    ? []
                    : [
                        new Mend(
                            'set-shutter',
                            ['thing' => $situation->name((string) $id), 'angle' => $angle.'°'],
                            $situation->edit("cameras/$id/settings", ['shutter_deg' => $angle]),
                        ),
                    ],
            );
        }
    }
}
