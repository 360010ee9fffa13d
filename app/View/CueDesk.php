<?php

declare(strict_types=1);

namespace App\View;

use FineFrame\Judge\Situation;
use FineFrame\Rundown\Recorded;
use FineFrame\Rundown\Timecode;

/** The song by its sections on the clock of the pictures, and what recordings take on cards. */
final readonly class CueDesk
{
    /** Where playback begins, so that what runs up to it has labels too. */
    private const START_H = 1;

    /** Bits of a sample, as sound for pictures is recorded. */
    private const BITS = 24;

    /** A drive copies so many bytes a second; copies are made and read again. Ours, to be corrected. */
    private const COPY_BYTES = 200e6;

    private const COPIES = 2;

    public Timecode $timecode;

    public function __construct(private Situation $situation)
    {
        $this->timecode = Timecode::at(self::rate($situation->setup->setup->metering->fps));
    }

    /** @return list<array{name: string, bar: string, begins: string, label: string, lasts: string, tempo: string, leads: string}> */
    public function sections(): array
    {
        $rows = [];
        foreach ($this->situation->setup->setup->list('sections') as $row) {
            [$from, $to] = [$row->number('from_s') ?? 0.0, $row->number('to_s')];
            $frame = (int) round($this->timecode->frames($from));
            $bpm = $row->number('bpm');
            $rows[] = [
                'name' => $row->text('name'),
                'bar' => $row->number('bar') === null ? '' : (string) (int) $row->number('bar'),
                'begins' => self::clock($from),
                'label' => $this->timecode->label($this->timecode->frame(sprintf('%02d:00:00:00', self::START_H)) + $frame),
                'lasts' => $to === null ? '' : self::clock($to - $from),
                'tempo' => implode(', ', array_filter([$bpm === null ? '' : round($bpm, 1).' a minute', $row->text('metre')])),
                'leads' => $row->text('leads'),
            ];
        }

        return $rows;
    }

    /** @return list<array{name: string, rate: string, minutes: string, takes: string}> */
    public function media(): array
    {
        $minutes = $this->situation->setup->hours()->lengthMin();
        if ($minutes === null) {
            return [];
        }
        $rows = [];
        foreach ($this->recordings($minutes) as [$name, $one]) {
            $rows[] = [
                'name' => $name,
                'rate' => round($one->bitsASecond / 1e6, 1).' Mb/s',
                'minutes' => round($minutes).' min',
                'takes' => self::size($one->bytes),
            ];
        }

        return $rows;
    }

    public function total(): string
    {
        $minutes = $this->situation->setup->hours()->lengthMin() ?? 0.0;
        $bytes = array_sum(array_map(static fn (array $r): float => $r[1]->bytes, $this->recordings($minutes)));
        $copied = Recorded::copied($bytes, self::COPY_BYTES, self::COPIES, 1);

        $rate = round(self::COPY_BYTES / 1e6).' MB/s';

        return self::size($bytes).' in all; '.self::COPIES.' copies, each read again, take '.self::clock($copied)." at $rate";
    }

    /** @return list<array{string, Recorded}> */
    private function recordings(float $minutes): array
    {
        $all = [];
        foreach ($this->situation->setup->cameras as $camera) {
            $mbps = $camera->mode->mbps ?? 0.0;
            if ($mbps > 0.0) {
                $all[] = [$camera->placement->label, Recorded::at($mbps, 60 * $minutes)];
            }
        }
        foreach ($this->situation->setup->setup->list('recorders') as $recorder) {
            $tracks = count(array_filter(
                $this->situation->setup->setup->list('tracks'),
                static fn ($t): bool => $t->text('recorder') === $recorder->text('name'),
            ));
            if ($tracks > 0) {
                $hertz = 1000 * ($recorder->number('rate_khz') ?? 48.0);
                $all[] = [$recorder->text('name'), Recorded::sound($hertz, self::BITS, $tracks, 60 * $minutes)];
            }
        }

        return $all;
    }

    private static function size(float $bytes): string
    {
        return number_format($bytes / Recorded::GB, $bytes < 10 * Recorded::GB ? 1 : 0).' GB';
    }

    private static function clock(float $seconds): string
    {
        $whole = (int) round($seconds);

        return $whole >= 3600
            ? sprintf('%d:%02d:%02d', intdiv($whole, 3600), intdiv($whole, 60) % 60, $whole % 60)
            : sprintf('%d:%02d', intdiv($whole, 60), $whole % 60);
    }

    /** The rate that pictures are labelled at: the nearest there is; with drop-frame where it is usual. */
    private static function rate(float $fps): string
    {
        $rates = [
            '23.976' => 23.976, '24' => 24.0, '25' => 25.0, '29.97DF' => 29.97,
            '30' => 30.0, '50' => 50.0, '59.94DF' => 59.94, '60' => 60.0,
        ];
        $best = '25';
        foreach ($rates as $name => $rate) {
            $best = abs($rate - $fps) < abs($rates[$best] - $fps) ? (string) $name : $best;
        }

        return $best;
    }
}
