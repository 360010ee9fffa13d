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
        $room = [];
        foreach ($tail->timesS as $band => $time) {
            $energy = $tail->energies[$band];
            if ($energy <= 0.0 || ! is_finite($energy)) {
                continue;
            }
            [$low, $high] = [Material::BANDS_HZ[$band] / M_SQRT2, Material::BANDS_HZ[$band] * M_SQRT2];
            $faces = self::byFaces(array_slice($arrivals, 1), $band);
            $single = array_sum(array_map(static fn (Arrival $a): float => $a->gains[$band] ** 2, array_slice($arrivals, 1)));
            $noise = self::scattered($random, $low, $high, $time, max(self::LEAST_NOISE * $energy, $energy - $single));
            $heard = self::together([[$faces, 0], [$noise, $begins + 1]]);
            // Sounds that come close together strengthen or weaken one another: the octave’s level is set once they have.
            $level = sqrt($energy * self::share($low, $high) / max(1e-30, self::energy($heard)));
            $room = self::together([[$room, 0], [array_map(static fn (float $s): float => $level * $s, $heard), 0]]);
            foreach (self::ends($band, $low, $high) as [$from, $to]) {
                $room = self::together([[$room, 0], [self::scattered($random, $from, $to, $time, $energy), $begins + 1]]);
            }
        }

        return new self($begins, $arrivals[0]->gains[0], $room);
    }

    /** @return list<float> all of it */
    public function samples(): array
    {
        return self::together([[$this->room, 0], [[$this->direct], $this->directAt]]);
    }

    /** @return list<array{float, float}> what lies outside the octaves, beside this one */
    private static function ends(int $band, float $low, float $high): array
    {
        return match ($band) {
            0 => [[self::ENDS_HZ[0], $low]],
            count(Material::BANDS_HZ) - 1 => [[$high, self::ENDS_HZ[1]]],
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
     * Noise between two frequencies that dies away: even over them, its phases by chance.
     *
     * @param  float  $energy  of the click whose sound it is
     * @return list<float>
     */
    private static function scattered(Randomizer $random, float $fromHz, float $toHz, float $timeS, float $energy): array
    {
        $count = 1024;
        while ($count < min(self::LONGEST_S, $timeS * self::FALLS_DB / 60) * self::RATE_HZ) {
            $count *= 2;
        }
        [$first, $last] = [(int) ceil($fromHz * $count / self::RATE_HZ), (int) floor($toHz * $count / self::RATE_HZ)];
        $real = $imaginary = array_fill(0, $count, 0.0);
        foreach (array_values(unpack('v*', $random->getBytes(2 * ($last - $first + 1))) ?: []) as $i => $turn) {
            $angle = 2 * M_PI * (is_int($turn) ? $turn : 0) / 65_536;
            [$real[$first + $i], $imaginary[$first + $i]] = [cos($angle), sin($angle)];
        }
        [$noise] = Spectrum::sounded($real, $imaginary);
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
     * @param  list<array{list<float>, int}>  $parts  samples, and where they begin
     * @return list<float>
     */
    private static function together(array $parts): array
    {
        $sum = [];
        foreach ($parts as [$samples, $at]) {
            for ($i = count($sum); $i < $at + count($samples); $i++) {
                $sum[] = 0.0;
            }
            foreach ($samples as $i => $sample) {
                $sum[$at + $i] += $sample;
            }
        }

        return $sum;
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
