<?php

declare(strict_types=1);

namespace App\View;

use FineFrame\Judge\Situation;
use FineFrame\Judge\Voice;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Sound\Material;
use FineFrame\Sound\Reverberation;
use FineFrame\Sound\RoomSound;

/** The room as a microphone hears it: octave by octave, bare, measured and with what is hung. */
final readonly class SoundDesk
{
    public const WIDTH = 420.0;

    public const HEIGHT = 150.0;

    /** Between two levels of a clap that is kept. */
    private const DECAY_STEP_S = 0.04;

    private RoomSound $room;

    public function __construct(private Situation $situation, private Reader $reader)
    {
        $this->room = $situation->place()->sound();
    }

    public function isKnown(): bool
    {
        return $this->situation->setup->location->space->surfaces->isKnown();
    }

    /** @return list<array{band: string, bare: string, measured: string, now: string, share: float, bareShare: float}> */
    public function bands(): array
    {
        $bare = $this->room->bare();
        $clap = array_slice($this->situation->setup->location->list('claps'), -1)[0] ?? null;
        $most = max(
            0.5,
            ...array_map(fn (int $band): float => max($bare->time($band), $this->room->time($band)), array_keys(Material::BANDS_HZ)),
        );
        $rows = [];
        foreach (Material::BANDS_HZ as $band => $hz) {
            $heard = $clap?->number("t_$hz");
            $rows[] = [
                'band' => $hz < 1000 ? "$hz Hz" : ($hz / 1000).' kHz',
                'bare' => $this->seconds($bare->time($band)),
                'now' => $this->seconds($this->room->time($band)),
                'share' => $this->room->time($band) / $most,
                'bareShare' => $bare->time($band) / $most,
                'measured' => $heard === null ? '' : $this->measured($heard, $bare->time($band)),
            ];
        }

        return $rows;
    }

    /** @return list<string> what is to be known of the room at once */
    public function facts(): array
    {
        $time = $this->room->speechTime();

        return [
            'Reverb for speech: '.$this->seconds($time).'; bare, '.$this->seconds($this->room->bare()->speechTime()).'.',
            'Voice equals reverb at '.$this->reader->metres(
                Reverberation::criticalM($this->room->volumeM3, $time, Voice::Q),
            ).' for an omni microphone.',
        ];
    }

    /** @return list<array{name: string, pattern: string, equal: string, distance: string, over: string}> */
    public function booms(): array
    {
        $time = $this->room->speechTime();

        return array_values(array_map(function (array $heard) use ($time): array {
            [$ear, $voice] = $heard;
            $pickup = $ear->model->pickup();
            $distance = $ear->at->distanceTo($voice->at);

            return [
                'name' => $ear->name, 'pattern' => $ear->model->name,
                'equal' => $this->reader->metres(
                    Reverberation::criticalM($this->room->volumeM3, $time, Voice::Q) * $pickup->distanceFactor(),
                ),
                'distance' => $this->reader->metres($distance),
                'over' => $this->reader->print(
                    Quantity::of(
                        Reverberation::directDb($distance, $this->room->volumeM3, $time, Voice::Q, $pickup),
                        Unit::Decibel,
                    ),
                ),
            ];
        }, $this->situation->heard()));
    }

    /** @return array{path: string, seconds: string}|null the last clap as it died away; null where none was recorded */
    public function decay(): ?array
    {
        $clap = array_slice($this->situation->setup->location->list('claps'), -1)[0] ?? null;
        $levels = array_map(floatval(...), array_values(array_filter(explode(' ', $clap?->text('decay') ?? ''), is_numeric(...))));
        if (count($levels) < 3) {
            return null;
        }
        $long = (count($levels) - 1) * self::DECAY_STEP_S;

        return [
            'path' => 'M'.implode(
                'L',
                array_map(
                    fn (float $db, int $i): string => round(30 + (self::WIDTH - 30) * $i / (count($levels) - 1), 1).' '.$this->decayY($db),
                    $levels,
                    array_keys($levels),
                ),
            ),
            'seconds' => number_format($long, 1),
        ];
    }

    /** Where a level stands on the chart of the decay. */
    public function decayY(float $db): float
    {
        return round(8 + (self::HEIGHT - 24) * min(1.0, -$db / 60), 1);
    }

    private function measured(float $heardS, float $estimatedS): string
    {
        $sign = $estimatedS > $heardS ? '+' : '−';

        return $this->seconds($heardS)." ($sign".round(100 * abs($estimatedS / $heardS - 1)).' % estimated)';
    }

    private function seconds(float $s): string
    {
        return $this->reader->print(Quantity::of($s, Unit::Second));
    }
}
