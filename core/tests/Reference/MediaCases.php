<?php

declare(strict_types=1);

namespace FineFrame\Tests\Reference;

use FineFrame\Rundown\ImpossibleDay;
use FineFrame\Rundown\Playback;
use FineFrame\Rundown\Recorded;
use FineFrame\Rundown\TempoMap;
use FineFrame\Rundown\Timecode;

final class MediaCases implements Topic
{
    public function answer(string $kind, array $inputs): ?array
    {
        $in = new Inputs($inputs);

        return match ($kind) {
            'storage' => $this->storage($in),
            'audio_storage' => $this->sound($in),
            'offload' => ['time_s' => Recorded::copied(
                $in->number('total_gb') * Recorded::GB, $in->number('throughput_mb_s') * 1e6,
                (int) $in->number('copies'), (int) $in->number('verify_passes'),
            )],
            'frames_to_timecode' => $this->label($in),
            'timecode_to_frames' => $this->frame($in),
            'time_to_timecode' => $this->timed(Timecode::at($in->word('rate')), $in->word('start_timecode'), $in->number('seconds')),
            'tempo_map', 'tempo_ramp' => $this->cues($in),
            'beat_frames' => $this->beat($in),
            'playback_speed' => $this->speed($in),
            default => null,
        };
    }

    /** @return array<string, mixed> */
    private function storage(Inputs $in): array
    {
        $one = Recorded::at($in->number('bit_rate_mbps'), $in->number('duration_s'));
        $all = $one->bytes * $in->number('cameras');

        return [
            'bytes_per_camera' => $one->bytes, 'total_gb' => $all / Recorded::GB, 'total_gib' => $all / Recorded::GIB,
            'cards_per_camera' => $one->cards($in->number('card_capacity_bytes')),
            'record_time_per_card_s' => $one->fits($in->number('card_capacity_bytes')),
        ];
    }

    /** @return array<string, mixed> */
    private function sound(Inputs $in): array
    {
        $one = Recorded::sound(
            $in->number('sample_rate_hz'), (int) $in->number('bits'), (int) $in->number('channels'), $in->number('duration_s'),
        );

        return ['bytes' => $one->bytes, 'mbps' => $one->bitsASecond / 1e6];
    }

    /** @return array<string, mixed> */
    private function label(Inputs $in): array
    {
        $timecode = Timecode::at($in->word('rate'));
        $frame = (int) $in->number('frame');

        return ['timecode' => $timecode->label($frame), 'real_time_s' => $timecode->seconds($frame)];
    }

    /** @return array<string, mixed> */
    private function frame(Inputs $in): array
    {
        $timecode = Timecode::at($in->word('rate'));
        try {
            $frame = $timecode->frame($in->word('timecode'));
        } catch (ImpossibleDay) {
            return ['valid' => false, 'frame' => null, 'real_time_s' => null];
        }

        return ['valid' => true, 'frame' => $frame, 'real_time_s' => $timecode->seconds($frame)];
    }

    /** @return array<string, mixed> */
    private function timed(Timecode $timecode, string $start, float $seconds): array
    {
        $frames = $timecode->frames($seconds);
        [$floor, $round] = [(int) floor($frames + 1e-9), (int) round($frames)];
        $from = $timecode->frame($start);

        return [
            'frames_exact' => $frames, 'frame_floor' => $floor, 'frame_round' => $round,
            'timecode_floor' => $timecode->label($from + $floor), 'timecode_round' => $timecode->label($from + $round),
        ];
    }

    /** @return array<string, mixed> */
    private function cues(Inputs $in): array
    {
        $metres = [];
        foreach ($in->each('signatures') as $s) {
            $metres[(int) $s->number('bar')] = [(int) $s->number('numerator'), (int) $s->number('denominator')];
        }
        $map = TempoMap::of($metres, array_map(static fn (Inputs $t): array => [
            'bar' => (int) $t->number('bar'), 'beat' => $t->number('beat'), 'bpm' => $t->number('bpm'),
            'unit' => self::unit($t->word('bpm_unit')),
        ], $in->each('tempos')), array_map(static fn (Inputs $r): array => [
            'from' => [(int) $r->number('from_bar'), $r->number('from_beat')],
            'to' => [(int) $r->number('to_bar'), $r->number('to_beat')],
            'bpm' => [$r->number('from_bpm'), $r->number('to_bpm')],
            'unit' => 0.25,
        ], $in->each('ramps')));
        $timecode = Timecode::at($in->word('rate'));

        return ['cues' => array_map(function (Inputs $p) use ($map, $timecode, $in): array {
            $seconds = $map->seconds((int) $p->number('bar'), $p->number('beat'));
            $timed = $this->timed($timecode, $in->word('start_timecode'), $seconds);
            unset($timed['frames_exact']);

            return ['bar' => (int) $p->number('bar'), 'beat' => $p->number('beat'), 'seconds' => $seconds] + $timed;
        }, $in->each('positions'))];
    }

    /** @return array<string, mixed> */
    private function beat(Inputs $in): array
    {
        [$beats, $one] = [(int) $in->number('numerator'), (int) $in->number('denominator')];
        $map = TempoMap::of([1 => [$beats, $one]], [['bar' => 1, 'beat' => 1.0, 'bpm' => $in->number('bpm_quarter'), 'unit' => 0.25]]);
        [$beat, $bar] = [$map->seconds(1, 2.0), $map->seconds(2, 1.0)];
        $timecode = Timecode::at($in->word('rate'));

        return [
            'beat_ms' => 1000 * $beat, 'bar_s' => $bar,
            'frames_per_beat' => $timecode->frames($beat), 'frames_per_bar' => $timecode->frames($bar),
        ];
    }

    /** @return array<string, mixed> */
    private function speed(Inputs $in): array
    {
        $playback = new Playback($in->number('shoot_fps'), $in->number('project_fps'));

        return [
            'audio_speed_percent' => 100 * $playback->factor, 'audio_duration_on_set_s' => $playback->lasts($in->number('song_s')),
            'slow_motion_factor' => $playback->factor, 'pitch_shift_semitones_if_varispeed' => $playback->semitones(),
        ];
    }

    private static function unit(string $unit): float
    {
        [$over, $under] = array_map(intval(...), explode('/', $unit));

        return $over / $under;
    }
}
