<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Sound;

use FineFrame\Document\Record;
use FineFrame\Judge\Moves;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Scout\Noise;

/** What runs while is recorded is heard at the microphone as well: a pattern takes some of it off, nearness more. */
final class VoiceStandsOverTheNoise extends Rule
{
    public function id(): string
    {
        return 'voice-stands-over-the-noise';
    }

    public function stage(): Stage
    {
        return Stage::Sound;
    }

    public function run(Situation $situation): iterable
    {
        $running = array_map(static fn (Record $n): float => $n->number('level_dba') ?? 0.0, $situation->place()->noises());
        $noise = Noise::together($running);
        if ($noise === null) {
            return;
        }
        foreach ($situation->heard() as $id => [$ear, $voice]) {
            $distance = $ear->at->distanceTo($voice->at);
            $heard = $noise + 10 * log10($ear->model->pickup()->efficiency());
            $margin = Noise::margin($heard, $distance, $voice->dbAt1m);
            yield $this->finding(
                Severity::below($margin, $situation->limits->get('noise_break_db'), $situation->limits->get('noise_watch_db')),
                [
                    'boom' => $ear->name,
                    'subject' => $voice->name,
                    'margin' => Quantity::of($margin, Unit::Decibel),
                    'under' => Quantity::of(-$margin, Unit::Decibel),
                    'distance' => Quantity::metres($distance),
                ],
                [$id, $ear->subject],
                new Working(
                    'voice at 1 m − 20·log₁₀(d) − (noise + 10·log₁₀ REE)',
                    [
                        'noise together' => Quantity::of($noise, Unit::LevelA),
                        'heard of it' => Quantity::of($heard, Unit::LevelA),
                        'mouth to tip' => Quantity::metres($distance),
                    ],
                    'noise from all round; the room left out',
                ),
                fn (): array => Moves::boomNearest($situation, $id),
                $margin < 0 ? 'drowned' : null,
            );
        }
    }
}
