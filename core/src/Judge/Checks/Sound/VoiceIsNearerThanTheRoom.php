<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Sound;

use FineFrame\Judge\Moves;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Voice;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Sound\Reverberation;
use FineFrame\Space\CeilingKind;

/** A boom hears the voice and the room: nearer than where both are as loud, the voice is dry, farther it swims. */
final class VoiceIsNearerThanTheRoom extends Rule
{
    /** Decibels of the voice over the room that keep it dry. */
    private const DRY_DB = 6.0;

    public function id(): string
    {
        return 'voice-is-nearer-than-the-room';
    }

    public function stage(): Stage
    {
        return Stage::Sound;
    }

    public function run(Situation $situation): iterable
    {
        $place = $situation->setup->location->space;
        if (! $place->surfaces->isKnown() || $place->ceiling->kind === CeilingKind::None) {
            return;
        }
        $sound = $situation->place()->sound();
        $time = $sound->speechTime();
        foreach ($situation->heard() as $id => [$ear, $voice]) {
            $distance = $ear->at->distanceTo($voice->at);
            $pickup = $ear->model->pickup();
            $over = Reverberation::directDb($distance, $sound->volumeM3, $time, Voice::Q, $pickup);
            $equal = Reverberation::criticalM($sound->volumeM3, $time, Voice::Q) * $pickup->distanceFactor();
            yield $this->finding(
                Severity::below($over, 0.0, self::DRY_DB),
                [
                    'boom' => $ear->name,
                    'subject' => $voice->name,
                    'over' => Quantity::of(abs($over), Unit::Decibel),
                    'equal' => Quantity::metres($equal),
                    'distance' => Quantity::metres($distance),
                ],
                [$id, $ear->subject],
                new Working('direct over reverberant = 20·log₁₀(rc/d) + 10·log₁₀(1/REE), rc = √(Q·A/16π)', [
                    'T of the room' => Quantity::of($time, Unit::Second),
                    'Q of a voice' => Quantity::ratio(Voice::Q),
                    'as loud at' => Quantity::metres($equal),
                    'mouth to tip' => Quantity::metres($distance),
                ], 'the room by its surfaces, or by the clap'),
                fn (): array => Moves::boomNearest($situation, $id),
                $over < 0.0 ? 'room' : null,
            );
        }
    }
}
