<?php

declare(strict_types=1);

namespace FineFrame\Tests\Reference;

use FineFrame\Format\Wav\Reader;
use FineFrame\Scout\Noise;
use FineFrame\Sound\Decay;
use FineFrame\Sound\Delay;
use FineFrame\Sound\Level;
use FineFrame\Sound\Pickup;
use FineFrame\Sound\Reverberation;

final readonly class AcousticsCases implements Topic
{
    /** @param  string  $folder  that the cases' recordings lie in */
    public function __construct(private string $folder)
    {
    }

    public function answer(string $kind, array $inputs): ?array
    {
        $in = new Inputs($inputs);
        $n = $in->number(...);

        return match ($kind) {
            'rt60' => self::room($in),
            'rt60_air' => [
                'rt60_sabine_s' => array_map(
                    static fn (float $a, float $air): float => Reverberation::sabine($n('volume_m3'), $a, $air),
                    self::absorption($in),
                    $in->numbers('air_attenuation_per_m'),
                ),
            ],
            'blankets' => self::blankets($in),
            'critical_distance' => [
                'absorption_m2' => Reverberation::absorption($n('volume_m3'), $n('rt60_s')),
                'critical_distance_m' => Reverberation::criticalM($n('volume_m3'), $n('rt60_s'), $n('source_directivity_q')),
            ],
            'direct_to_reverberant' => [
                'random_energy_efficiency' => ($p = new Pickup($n('pattern_a')))->efficiency(), 'distance_factor' => $p->distanceFactor(),
                'd_to_r_db' => Reverberation::directDb(
                    $n('distance_m'),
                    $n('volume_m3'),
                    $n('rt60_s'),
                    $n('source_directivity_q'),
                    $p,
                    deg2rad($n('mic_off_axis_deg')),
                ),
                'equal_distance_m' => Reverberation::criticalM(
                    $n('volume_m3'),
                    $n('rt60_s'),
                    $n('source_directivity_q'),
                ) * $p->distanceFactor(),
            ],
            'mic_off_axis' => ['level_db' => (new Pickup($n('pattern_a')))->levelDb(deg2rad($n('angle_deg')))],
            'three_to_one' => [
                'ratio' => $n('other_mic_to_source_m') / $n('mic_to_own_source_m'),
                'level_difference_db' => $apart = Level::between($n('mic_to_own_source_m'), $n('other_mic_to_source_m')),
                'passes_3_to_1' => $apart >= Level::THREE_TO_ONE_DB,
            ],
            'delay' => [
                'speed_m_s' => Delay::speed($n('temperature_c')),
                'delay_ms' => 1000 * ($late = Delay::seconds($n('distance_m'), $n('temperature_c'))),
                'samples' => $late * $n('sample_rate_hz'),
            ],
            'comb' => self::comb($in),
            'spl_sum' => ['sum_db' => Noise::together($in->numbers('levels_db'))],
            'noise_margin' => self::margin($in),
            'decay_wav' => $this->decay($in),
            'decay_wav_bands' => ['rt60_s_by_band' => $this->bands($in)],
            default => null,
        };
    }

    /** @return list<float> square metres by band */
    private static function absorption(Inputs $in): array
    {
        $sum = array_fill(0, 6, 0.0);
        foreach ($in->each('surfaces') as $surface) {
            foreach ($surface->numbers('alpha') as $band => $alpha) {
                $sum[$band] += $surface->number('area_m2') * $alpha;
            }
        }

        return array_values($sum);
    }

    /** @return array<string, list<float>> */
    private static function room(Inputs $in): array
    {
        $area = array_sum(array_map(static fn (Inputs $s): float => $s->number('area_m2'), $in->each('surfaces')));
        $absorbed = self::absorption($in);
        $volume = $in->number('volume_m3');

        return [
            'absorption_m2' => $absorbed,
            'rt60_sabine_s' => array_map(static fn (float $a): float => Reverberation::sabine($volume, $a), $absorbed),
            'rt60_eyring_s' => array_map(static fn (float $a): float => Reverberation::eyring($volume, $area, $a / $area), $absorbed),
            'mean_alpha' => array_map(static fn (float $a): float => $a / $area, $absorbed),
        ];
    }

    /** @return array<string, list<float>> */
    private static function blankets(Inputs $in): array
    {
        $before = self::absorption($in);
        $covers = $in->word('mode') === 'on_wall';
        $added = array_map(
            static fn (float $own, float $wall): float => $in->number('blanket_count') * $in->number('blanket_area_m2') * (
                $own
                - ($covers ? $wall : 0.0)
            ),
            $in->numbers('blanket_alpha'),
            $in->numbers('wall_alpha'),
        );
        $time = static fn (float $a): float => Reverberation::sabine($in->number('volume_m3'), $a);

        return [
            'rt60_before_s' => array_map($time, $before),
            'rt60_after_s' => array_map(static fn (float $a, float $more): float => $time($a + $more), $before, $added),
            'added_absorption_m2' => $added,
        ];
    }

    /** @return array<string, mixed> */
    private static function comb(Inputs $in): array
    {
        $comb = Delay::comb($in->number('path_1_m'), $in->number('path_2_m'), $in->number('temperature_c'), (int) $in->number('count'));

        return [
            'path_difference_m' => abs($in->number('path_1_m') - $in->number('path_2_m')),
            'notches_hz' => $comb['notches'],
            'peaks_hz' => $comb['peaks'],
            'notch_depth_db' => $comb['dipDb'],
            'peak_gain_db' => $comb['gainDb'],
        ];
    }

    /** @return array<string, float> */
    private static function margin(Inputs $in): array
    {
        $speech = Noise::margin(0.0, $in->number('mic_distance_m'), $in->number('speech_db_at_1m'));
        $noise = Noise::together($in->numbers('noise_levels_db')) ?? -INF;
        $heard = $noise + 10 * log10((new Pickup($in->number('pattern_a')))->efficiency());

        return ['speech_at_mic_db' => $speech, 'noise_sum_db' => $noise, 'pickup_noise_db' => $heard, 'margin_db' => $speech - $heard];
    }

    /** @return array<string, float|null> */
    private function decay(Inputs $in): array
    {
        $wav = $this->recording($in);
        $decay = Decay::of($wav->samples, $wav->rateHz);

        return ['t20_s' => $decay->t20, 't30_s' => $decay->t30, 'dynamic_range_db' => $decay->rangeDb];
    }

    /** @return array<int|string, float|null> */
    private function bands(Inputs $in): array
    {
        $wav = $this->recording($in);
        $bands = [];
        foreach ($in->numbers('octave_bands_hz') as $band) {
            $bands[(string) (int) $band] = Decay::of(Decay::octave($wav->samples, $wav->rateHz, $band), $wav->rateHz)->t20;
        }

        return $bands;
    }

    private function recording(Inputs $in): Reader
    {
        return Reader::read((string) file_get_contents("$this->folder/".$in->word('file')));
    }
}
