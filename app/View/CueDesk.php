<?php

declare(strict_types=1);

namespace App\View;

use FineFrame\Document\Record;
use FineFrame\Judge\Media;
use FineFrame\Judge\Situation;
use FineFrame\Judge\SongPlan;
use FineFrame\Rundown\Recorded;
use FineFrame\Rundown\Song;
use FineFrame\Rundown\SongCue;
use FineFrame\Rundown\Timecode;

/** The song by its sections on the clock of the pictures, who is on whom, what is called, and what recordings take on cards. */
final readonly class CueDesk
{
    /** Where playback begins, so that what runs up to it has labels too. */
    private const START_H = 1;

    public Timecode $timecode;

    public SongPlan $song;

    private ?Media $media;

    public function __construct(private Situation $situation)
    {
        $this->timecode = Timecode::at(self::rate($situation->setup->setup->metering->fps));
        $this->song = $situation->song();
        $this->media = $situation->media();
    }

    /** @return list<array{name: string, bar: string, begins: string, label: string, lasts: string, tempo: string, leads: string}> */
    public function sections(): array
    {
        return array_map(function (Record $row): array {
            [$from, $to] = [$row->number('from_s') ?? 0.0, $row->number('to_s')];
            $bpm = $row->number('bpm');

            return [
                'name' => $row->text('name'),
                'bar' => $row->number('bar') === null ? '' : (string) (int) $row->number('bar'),
                'begins' => self::clock($from),
                'label' => $this->label($from),
                'lasts' => $to === null ? '' : self::clock($to - $from),
                'tempo' => implode(', ', array_filter([$bpm === null ? '' : round($bpm, 1).' a minute', $row->text('metre')])),
                'leads' => $row->text('leads'),
            ];
        }, $this->song->sections);
    }

    /**
     * @return list<array{section: string, cells: list<array{on: string, isTwice: bool}>, open: string, isSafe: bool}> each camera's people
     *     by section, in the order of the cameras
     */
    public function cover(): array
    {
        return array_map(function (Record $section): array {
            $rolls = $this->song->rolls($section);
            $cover = $this->song->cover($section);
            $players = $this->song->players($section);
            $cells = [];
            foreach (array_keys($this->situation->setup->cameras) as $id) {
                $on = array_intersect($rolls[$id] ?? [], $players);
                $cells[] = [
                    'on' => isset($rolls[$id]) ? $this->names(array_values($on)) ?: 'nobody playing' : 'rests',
                    'isTwice' => array_intersect($on, $cover->doubles) !== [],
                ];
            }

            return [
                'section' => $section->text('name'), 'cells' => $cells, 'open' => $this->names($cover->gaps), 'isSafe' => $cover->isSafe,
            ];
        }, $this->situation->setup->isTalk() || $this->situation->setup->cameras === [] ? [] : $this->song->sections);
    }

    /** @return list<string> */
    public function cameras(): array
    {
        return array_map($this->situation->name(...), array_keys($this->situation->setup->cameras));
    }

    /** @return list<array{at: string, label: string, what: string, who: string, where: string, count: string}> */
    public function cues(): array
    {
        return array_map(fn (SongCue $c): array => [
            'at' => self::clock($c->atS),
            'label' => $this->label($c->atS),
            'what' => $c->name,
            'who' => $c->who,
            'where' => $c->section.($c->bar === null ? '' : ", bar $c->bar"),
            'count' => $c->countS <= 0.0 ? '' : round($c->countS, 1).' s',
        ], $this->song->cues());
    }

    /** @return list<array{name: string, begins: string, lasts: string, restart: string}> the set, with what is done in the gap after each */
    public function set(): array
    {
        $set = $this->song->set();
        if ($set === null) {
            return [];
        }
        $restarts = [];
        foreach ($this->song->clips($set) as $id => $clip) {
            foreach ($clip->restarts() ?? [] as $gap) {
                $restarts[$set->gaps[$gap]['after']][] = $this->situation->name($id);
            }
        }
        $names = array_column($this->situation->setup->setup->list('songs'), null, 'id');

        return array_map(static fn (Song $song): array => [
            'name' => $names[$song->id]->text('name'),
            'begins' => self::clock($song->startS),
            'lasts' => self::clock($song->endS - $song->startS),
            'restart' => isset($restarts[$song->id]) ? 'start anew: '.implode(', ', $restarts[$song->id]) : '',
        ], $set->songs);
    }

    /** @return list<array{name: string, rate: string, takes: string, holds: string}> over the day */
    public function media(): array
    {
        $rows = [];
        foreach ($this->media->recordings ?? [] as $holds => $devices) {
            foreach ($devices as $device => [$one, $name]) {
                $setup = $this->situation->setup->plan->setup(explode('/', (string) $device)[0])->setup->name;
                $rows[] = [
                    'name' => "$name, $setup",
                    'rate' => round($one->bitsASecond / 1e6, 1).' Mb/s',
                    'takes' => self::size($one->bytes),
                    'holds' => $holds,
                ];
            }
        }

        return $rows;
    }

    public function total(): string
    {
        return $this->media === null ? '' : self::size($this->media->total()).' over the day; two verified copies take '
            .self::clock($this->media->copyingS());
    }

    /**
     * What the cue view runs by: cues, and sections or parts of the talk as they begin.
     *
     * @return list<array{at: float, count: float, what: string, who: string, where: string, kind: string}>
     */
    public function running(): array
    {
        $all = [];
        foreach ($this->song->sections as $row) {
            $all[] = self::moment($row->number('from_s') ?? 0.0, 0.0, $row->text('name'), $row->text('leads'), '', 'section');
        }
        foreach ($this->song->cues() as $cue) {
            $all[] = self::moment($cue->atS, $cue->countS, $cue->name, $cue->who, $cue->section, 'cue');
        }
        $at = 0.0;
        foreach ($this->song->sections === [] ? $this->situation->setup->setup->list('progress') : [] as $part) {
            $size = $part->text('size');
            $how = $part->flag('break_before') ? "after a break; $size" : $size;
            $all[] = self::moment($at, 0.0, $part->text('name'), '', $how, 'section');
            $at += 60 * ($part->number('minutes') ?? 0.0);
        }
        $last = $this->song->sections === [] ? null : $this->song->sections[count($this->song->sections) - 1];
        $ends = $last?->number('to_s') ?? $at;
        if ($all !== [] && $ends > 0.0) {
            $all[] = self::moment($ends, 0.0, 'the end; keep rolling', '', '', 'end');
        }
        usort($all, static fn (array $a, array $b): int => $a['at'] <=> $b['at']);

        return $all;
    }

    /** @return list<string> whom cues are for */
    public function people(): array
    {
        return array_values(array_unique(array_filter(array_column($this->cues(), 'who'))));
    }

    /** @return array{at: float, count: float, what: string, who: string, where: string, kind: string} */
    private static function moment(float $at, float $count, string $what, string $who, string $where, string $kind): array
    {
        return ['at' => round($at, 2), 'count' => round($count, 2), 'what' => $what, 'who' => $who, 'where' => $where, 'kind' => $kind];
    }

    /** @param  list<string>  $ids */
    private function names(array $ids): string
    {
        return implode(', ', array_map($this->situation->name(...), $ids));
    }

    private function label(float $seconds): string
    {
        $frame = (int) round($this->timecode->frames($seconds));

        return $this->timecode->label($this->timecode->frame(sprintf('%02d:00:00:00', self::START_H)) + $frame);
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
