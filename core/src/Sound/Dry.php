<?php

declare(strict_types=1);

namespace FineFrame\Sound;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * Somebody speaking, and a cello, without any room: made from pulses and resonances (Klatt 1980 for the voice), no recording of anyone.
 * Both as loud on the mean as `LEVEL_DB` under full scale, so that their level at one metre is known.
 */
final class Dry
{
    public const RATE_HZ = 24_000;

    /** Mean level of what sounds, decibels under full scale. */
    public const LEVEL_DB = -26.0;

    /** Resonances of the throat and mouth, Hz, by vowel: middle values of textbooks for a man’s voice. */
    private const VOWELS = [
        'a' => [730.0, 1090.0, 2440.0],
        'e' => [530.0, 1840.0, 2480.0],
        'i' => [270.0, 2290.0, 3010.0],
        'o' => [570.0, 840.0, 2410.0],
        'u' => [300.0, 870.0, 2240.0],
    ];

    private const WIDTHS_HZ = [90.0, 110.0, 170.0];

    private const GAINS = [1.0, 0.5, 0.25];

    /** A few syllables: a hiss before it or none, its vowel, seconds, Hz at its beginning. */
    private const PHRASE = [
        ['', 'a', 0.24, 118.0], ['s', 'e', 0.2, 122.0], ['', 'i', 0.18, 116.0], ['', 'o', 0.3, 112.0], ['', '', 0.3, 0.0],
        ['s', 'u', 0.2, 110.0], ['', 'a', 0.26, 114.0], ['s', 'i', 0.2, 108.0], ['', 'e', 0.24, 102.0], ['', 'o', 0.36, 96.0],
        ['', '', 0.6, 0.0],
    ];

    /** Notes of the cello: Hz and seconds. */
    private const NOTES = [[98.0, 0.9], [146.83, 0.7], [164.81, 0.5], [196.0, 1.3], [0.0, 0.7]];

    private const BODY_HZ = [190.0, 380.0, 610.0, 1100.0, 2200.0];

    /** @return list<float> about three seconds of somebody speaking */
    public static function voice(): array
    {
        $random = new Randomizer(new Xoshiro256StarStar(7));
        $all = [];
        foreach (self::PHRASE as [$hiss, $vowel, $seconds, $hz]) {
            $all = [...$all, ...($hiss === '' ? [] : self::hiss($random, 0.09)), ...self::syllable($vowel, $seconds, $hz)];
        }

        return self::levelled($all);
    }

    /** @return list<float> about four seconds of a cello */
    public static function cello(): array
    {
        $all = [];
        foreach (self::NOTES as [$hz, $seconds]) {
            $all = [...$all, ...self::note($hz, $seconds)];
        }
        $body = array_fill(0, count($all), 0.0);
        foreach (self::BODY_HZ as $hz) {
            foreach (Filter::resonance($hz, $hz / 3, self::RATE_HZ)->over($all) as $i => $sample) {
                $body[$i] += $sample;
            }
        }

        return self::levelled(array_values($body));
    }

    /** @return list<float> a steady hum and rush, as rooms have it: the same for each octave */
    public static function noise(float $seconds): array
    {
        $random = new Randomizer(new Xoshiro256StarStar(11));
        $white = self::white($random, (int) ($seconds * self::RATE_HZ));

        // White noise that falls by three decibels an octave, near enough.
        return self::levelled(Filter::low(180.0, self::RATE_HZ, 0.5)->over($white));
    }

    /** @return list<float> */
    private static function syllable(string $vowel, float $seconds, float $hz): array
    {
        $count = (int) ($seconds * self::RATE_HZ);
        $throat = array_fill(0, $count, 0.0);
        if ($vowel === '') {
            return $throat;
        }
        $phase = 0.0;
        for ($i = 0; $i < $count; $i++) {
            $share = $i / $count;
            $phase += $hz * (1 - 0.12 * $share) * (1 + 0.01 * sin(31 * $share)) / self::RATE_HZ;
            $phase -= floor($phase);
            // The folds open slowly and shut at once.
            $throat[$i] = ($phase < 0.6 ? $phase * $phase * (0.6 - $phase) * 20 : 0.0) * self::swell($i, $count, 0.04, 0.06);
        }
        $sum = array_fill(0, $count, 0.0);
        foreach (self::VOWELS[$vowel] as $n => $formant) {
            foreach (Filter::resonance($formant, self::WIDTHS_HZ[$n], self::RATE_HZ)->over(array_values($throat)) as $i => $sample) {
                $sum[$i] += self::GAINS[$n] * $sample;
            }
        }

        return array_values($sum);
    }

    /** @return list<float> */
    private static function hiss(Randomizer $random, float $seconds): array
    {
        $count = (int) ($seconds * self::RATE_HZ);
        $hiss = Filter::high(4500.0, self::RATE_HZ)->over(self::white($random, $count));
        foreach ($hiss as $i => $sample) {
            $hiss[$i] = 0.012 * $sample * self::swell($i, $count, 0.03, 0.03);
        }

        return $hiss;
    }

    /** @return list<float> a bowed string: all its partials, and a little vibrato */
    private static function note(float $hz, float $seconds): array
    {
        $count = (int) ($seconds * self::RATE_HZ);
        $string = [];
        $phase = 0.0;
        for ($i = 0; $i < $count; $i++) {
            $phase += $hz * (1 + 0.004 * sin(2 * M_PI * 5.4 * $i / self::RATE_HZ)) / self::RATE_HZ;
            $phase -= floor($phase);
            $string[] = $hz > 0.0 ? ($phase - 0.5) * self::swell($i, $count, 0.09, 0.12) : 0.0;
        }

        return $string;
    }

    /** How loud a sound is that comes and goes softly: at its beginning and its end nothing. */
    private static function swell(int $i, int $count, float $comesS, float $goesS): float
    {
        return max(0.0, min(1.0, $i / $comesS / self::RATE_HZ, ($count - $i) / $goesS / self::RATE_HZ));
    }

    /** @return list<float> */
    private static function white(Randomizer $random, int $count): array
    {
        $drawn = array_values(unpack('s*', $random->getBytes(max(2, 2 * $count))) ?: []);

        return array_map(static fn (mixed $one): float => is_int($one) ? $one / 32_768 : 0.0, $drawn);
    }

    /**
     * @param  list<float>  $samples
     * @return list<float> as loud on the mean, over what sounds of it, as is said
     */
    private static function levelled(array $samples): array
    {
        $loud = array_filter($samples, static fn (float $s): bool => abs($s) > 1e-5);
        $mean = sqrt(array_sum(array_map(static fn (float $s): float => $s * $s, $loud)) / max(1, count($loud)));
        $scale = 10 ** (self::LEVEL_DB / 20) / max(1e-9, $mean);

        return array_map(static fn (float $s): float => $scale * $s, $samples);
    }
}
