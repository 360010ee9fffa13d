<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Cameras;

use FineFrame\Camera\Mode;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;

/** The way a body records reaches the rate it is set to; a faster one may use less of the sensor, which narrows every lens on it. */
final class RateIsHad extends Rule
{
    public function id(): string
    {
        return 'rate-is-had';
    }

    public function stage(): Stage
    {
        return Stage::Cameras;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->settings() as $id => $set) {
            $camera = $situation->setup->cameras[$id];
            $mode = $camera->mode;
            if ($mode === null || $set->fps <= $mode->mostFps + 0.01) {
                continue;
            }
            $other = array_values(array_filter($camera->body->modes, static fn (Mode $m): bool => $m->mostFps >= $set->fps))[0] ?? null;
            yield $this->finding(
                Severity::Breaks,
                [
                    'camera' => $camera->placement->label,
                    'rate' => SettingsAgree::print($set, 'fps'),
                    'most' => (string) round($mode->mostFps),
                    'crop' => $other === null ? '' : number_format($mode->widthMm / $other->widthMm, 2).'×',
                ],
                [$id],
                new Working('rate against the mode’s fastest', ['rate' => (string) $set->fps, 'fastest' => (string) $mode->mostFps]),
                $other === null
                    ? []
                    : [
                        new Mend(
                            'set-mode',
                            ['thing' => $camera->placement->label, 'mode' => $other->name],
                            $situation->edit("cameras/$id", ['mode' => $other->id]),
                        ),
                    ],
                $other === null ? 'none' : null,
            );
        }
    }
}
