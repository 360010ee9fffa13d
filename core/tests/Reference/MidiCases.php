<?php

declare(strict_types=1);

namespace FineFrame\Tests\Reference;

use FineFrame\Format\Midi\Reader;
use FineFrame\Format\Midi\Song;

final class MidiCases implements Topic
{
    public function __construct(private readonly string $folder)
    {
    }

    public function answer(string $kind, array $inputs): ?array
    {
        $in = new Inputs($inputs);
        $song = Reader::read((string) file_get_contents("$this->folder/".$in->word('file')));

        return match ($kind === 'refuse' ? $in->word('asked') : $kind) {
            'read' => $this->read($song),
            'bar_to_time' => ['seconds' => array_map(static function (Inputs $p) use ($song): ?float {
                $tick = $song->at((int) $p->number('bar'), $p->number('beat'));

                return $tick === null ? null : $song->seconds($tick);
            }, $in->each('positions'))],
            'time_to_bar' => ['positions' => array_map(static function (float $s) use ($song): array {
                $at = $song->position($song->tick($s));

                return ['bar' => $at[0] ?? null, 'beat' => $at[1] ?? null];
            }, $in->numbers('times_s'))],
            default => null,
        };
    }

    /** @return array<string, mixed> */
    private function read(Song $song): array
    {
        $isFilm = $song->ticksAQuarter === null;
        $bars = $song->bars();

        return [
            'valid' => true, 'format' => $song->format, 'tracks' => $song->tracks, 'ticks_per_quarter' => $song->ticksAQuarter,
            'total_ticks' => $song->ticks, 'total_seconds' => $song->seconds($song->ticks),
            'tempos' => array_map(static fn (int $tick): array => [
                'tick' => $tick, 'seconds' => $song->seconds($tick), 'bpm' => $song->bpm($tick),
            ], array_keys($song->tempos)),
            'signatures' => array_map(static fn (int $tick, array $m): array => [
                'tick' => $tick, 'bar' => $isFilm ? null : $bars[$tick], 'numerator' => $m[0], 'denominator' => $m[1],
            ], array_keys($song->metres), array_values($song->metres)),
            'sections' => array_map(static fn (array $s): array => [
                'name' => $s['name'], 'seconds' => $s['seconds'], 'length_s' => $s['lengthS'],
                'bar' => $song->position($s['tick'])[0] ?? null, 'beat' => $song->position($s['tick'])[1] ?? null,
                'bpm' => $song->bpm($s['tick']),
            ], $song->sections()),
        ];
    }
}
