<?php

declare(strict_types=1);

namespace FineFrame\Sound;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * What a microphone hears of a click: the direct sound at its level, what comes by the nearest faces, and a tail of noise that dies away by
 * octave; all but the direct sound together as loud as the room’s diffuse sound (Kuttruff, Room Acoustics, auralization).
 */
final readonly class ImpulseResponse
{
    public const RATE_HZ = 48_000;

    /** A tail is made for as long as it takes to fall by so much, decibels; and no longer than this, seconds. */
    private const FALLS_DB = 72.0;

    private const LONGEST_S = 4.0;

    /** The tail’s noise keeps this share of its energy at least, however much comes by single faces. */
    private const LEAST_NOISE = 0.2;

    /** What is heard under the lowest octave and over the highest, Hz: it goes by these. */
    private const ENDS_HZ = [20.0, 20_000.0];

    /** An octave’s filter has rung out after so long, seconds. */
    private const RINGS_S = 0.1;

    /**
     * @param  int  $directAt  sample of the direct sound
     * @param  float  $direct  its pressure against that at one metre, on the axis
     * @param  list<float>  $room  all the rest, from the same beginning
     */
    private function __construct(public int $directAt, public float $direct, public array $room)
    {
    }

    /**
     * @param  non-empty-list<Arrival>  $arrivals  the direct sound first
     * @param  int  $seed  the same noise for the same seed
     */
    public static function of(array $arrivals, Tail $tail, int $seed = 1): self
    {
        $begins = (int) round($arrivals[0]->timeS * self::RATE_HZ);
        $random = new Randomizer(new Xoshiro256StarStar($seed));
        [$octaves, $ends] = [[], []];
        foreach ($tail->timesS as $band => $time) {
            $energy = $tail->energies[$band];
            if ($energy > 0.0 && is_finite($energy)) {
                [$low, $high] = [Material::BANDS_HZ[$band] / M_SQRT2, Material::BANDS_HZ[$band] * M_SQRT2];
                $octaves[] = [$band, $low, $high, $time, $energy];
                array_push($ends, ...self::ends($band, $low, $high, $time, $energy));
            }
        }
        $room = [];
        $noises = self::noises($random, [...$octaves, ...$ends]);
        foreach ($octaves as $i => [$band, $low, $high, , $energy]) {
            $faces = self::byFaces(array_slice($arrivals, 1), $band);
            $single = array_sum(array_map(static fn (Arrival $a): float => $a->gains[$band] ** 2, array_slice($arrivals, 1)));
            $share = sqrt(max(self::LEAST_NOISE, 1 - $single / $energy));
            $heard = self::together([[$faces, 0, 1.0], [$noises[$i], $begins + 1, $share]]);
            // Sounds that come close together strengthen or weaken one another: the octave’s level is set once they have.
            $level = sqrt($energy * self::share($low, $high) / max(1e-30, self::energy($heard)));
            $room = self::together([[$room, 0, 1.0], [$heard, 0, $level]]);
        }
        foreach (array_slice($noises, count($octaves)) as $noise) {
            $room = self::together([[$room, 0, 1.0], [$noise, $begins + 1, 1.0]]);
        }

        return new self($begins, $arrivals[0]->gains[0], $room);
    }

    /** @return list<float> all of it */
    public function samples(): array
    {
        return self::together([[$this->room, 0, 1.0], [[$this->direct], $this->directAt, 1.0]]);
    }

    /** @return list<array{int, float, float, float, float}> what lies outside the octaves, beside this one: as they are */
    private static function ends(int $band, float $low, float $high, float $timeS, float $energy): array
    {
        return match ($band) {
            0 => [[$band, self::ENDS_HZ[0], $low, $timeS, $energy]],
            count(Material::BANDS_HZ) - 1 => [[$band, $high, self::ENDS_HZ[1], $timeS, $energy]],
            default => [],
        };
    }

    /** The share of a click’s energy that lies between two frequencies. */
    private static function share(float $fromHz, float $toHz): float
    {
        return ($toHz - $fromHz) / (self::RATE_HZ / 2);
    }

    /**
     * @param  list<Arrival>  $arrivals
     * @return list<float> what comes by single faces, in an octave
     */
    private static function byFaces(array $arrivals, int $band): array
    {
        if ($arrivals === []) {
            return [];
        }
        $last = max(array_map(static fn (Arrival $a): float => $a->timeS, $arrivals));
        $clicks = array_fill(0, (int) (($last + self::RINGS_S) * self::RATE_HZ), 0.0);
        foreach ($arrivals as $one) {
            $clicks[(int) round($one->timeS * self::RATE_HZ)] += $one->gains[$band];
        }

        return Filter::octave(array_values($clicks), $band, self::RATE_HZ);
    }

    /**
     * Noises between two frequencies that die away: even over them, their phases by chance. Two come out of one transform, as its real and
     * its imaginary part.
     *
     * @param  list<array{int, float, float, float, float}>  $wanted  band, from and to in Hz, decay time, energy of the click it answers
     * @return list<list<float>> as many
     */
    private static function noises(Randomizer $random, array $wanted): array
    {
        $noises = [];
        foreach (array_chunk($wanted, 2) as $pair) {
            $count = 1024;
            while ($count < min(self::LONGEST_S, max(array_column($pair, 3)) * self::FALLS_DB / 60) * self::RATE_HZ) {
                $count *= 2;
            }
            $real = $imaginary = array_fill(0, $count, 0.0);
            foreach ($pair as $part => [, $from, $to]) {
                [$first, $last] = [(int) ceil($from * $count / self::RATE_HZ), (int) floor($to * $count / self::RATE_HZ)];
                foreach (array_values(unpack('v*', $random->getBytes(max(2, 2 * ($last - $first + 1)))) ?: []) as $i => $turn) {
                    $angle = 2 * M_PI * (is_int($turn) ? $turn : 0) / 65_536;
                    [$cos, $sin] = [cos($angle), sin($angle)];
                    // A real sound has its spectrum mirrored; times i it comes out as the imaginary part.
                    $real[$first + $i] += $part === 0 ? $cos : -$sin;
                    $imaginary[$first + $i] += $part === 0 ? $sin : $cos;
                    $real[$count - $first - $i] += $part === 0 ? $cos : $sin;
                    $imaginary[$count - $first - $i] += $part === 0 ? -$sin : $cos;
                }
            }
            foreach (array_slice(Spectrum::sounded(array_values($real), array_values($imaginary)), 0, count($pair)) as $part => $noise) {
                $noises[] = self::dying($noise, ...array_slice($pair[$part], 1));
            }
        }

        return $noises;
    }

    /**
     * @param  list<float>  $noise
     * @return list<float>
     */
    private static function dying(array $noise, float $fromHz, float $toHz, float $timeS, float $energy): array
    {
        $decay = exp(-3 * M_LN10 / max(1e-3, $timeS) / self::RATE_HZ);
        $level = 1.0;
        foreach ($noise as $i => $sample) {
            $noise[$i] = $level * $sample;
            $level *= $decay;
        }
        $scale = sqrt($energy * self::share($fromHz, $toHz) / max(1e-30, self::energy($noise)));

        return array_map(static fn (float $s): float => $scale * $s, $noise);
    }

    /**
     * @param  list<array{list<float>, int, float}>  $parts  samples, where they begin, and how loud
     * @return list<float>
     */
    private static function together(array $parts): array
    {
        $sum = [];
        foreach ($parts as [$samples, $at, $level]) {
            for ($i = count($sum); $i < $at + count($samples); $i++) {
                $sum[] = 0.0;
            }
            foreach ($samples as $i => $sample) {
                $sum[$at + $i] += $level * $sample;
            }
        }

        return array_values($sum);
    }

    /** @param  list<float>  $samples */
    private static function energy(array $samples): float
    {
        $sum = 0.0;
        foreach ($samples as $sample) {
            $sum += $sample * $sample;
        }

        return $sum;
    }
}
