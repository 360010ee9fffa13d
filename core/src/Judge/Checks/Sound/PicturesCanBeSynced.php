<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Sound;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Sound\Delay;

/**
 * Sound recorded apart has to find its picture again: by a clap that each camera sees and hears, by timecode, or by each camera’s own
 * sound; from afar that comes frames late.
 */
final class PicturesCanBeSynced extends Rule
{
    public function id(): string
    {
        return 'pictures-can-be-synced';
    }

    public function stage(): Stage
    {
        return Stage::Sound;
    }

    public function run(Situation $situation): iterable
    {
        if ($situation->setup->setup->list('tracks') === []) {
            return;
        }
        $sync = $situation->setup->plan->brief->facts->text('sync');
        if ($sync === '' || $sync === 'nobody has said') {
            yield $this->finding(Severity::Watch, [], ['sync'], new Working('as the brief says', []), case: 'open');

            return;
        }
        $fps = $situation->setup->setup->metering->fps;
        $voice = array_values($situation->voices())[0] ?? null;
        foreach ($sync === 'timecode' ? [] : $situation->setup->cameras as $id => $camera) {
            if ($voice === null) {
                break;
            }
            $distance = $camera->pupil()->distanceTo($voice->at);
            $late = Delay::seconds($distance);
            yield $this->finding(
                $late * $fps > 1.0 ? Severity::Watch : Severity::Holds,
                [
                    'camera' => $camera->placement->label,
                    'late' => Quantity::ratio(1000 * $late),
                    'frames' => Quantity::ratio($late * $fps),
                    'distance' => Quantity::metres($distance),
                    'sync' => $sync,
                ],
                [$id, 'sync'],
                new Working(
                    'distance over 343 m/s, times frames a second',
                    [
                        'distance' => Quantity::metres($distance),
                        'late, ms' => Quantity::ratio(1000 * $late),
                        'frames' => Quantity::ratio($late * $fps),
                    ],
                    'sound at 20 °C',
                ),
            );
        }
        if ($sync === 'timecode') {
            yield $this->finding(Severity::Holds, ['sync' => $sync], ['sync'], new Working('as the brief says', []), case: 'timecode');
        }
    }
}
