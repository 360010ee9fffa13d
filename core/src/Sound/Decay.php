<?php

declare(strict_types=1);

namespace FineFrame\Sound;

/**
 * A clap or a balloon as it dies away: Schroeder's backward integral (1965), cut where the noise of the room takes over, with
 * the noise taken off and the tail behind the cut put back. T20 from −5 to −25 dB, T30 from −5 to −35 dB (ISO 3382); neither
 * is told where there is less to see than 35 and 45 dB.
 */
final readonly class Decay
{
    private const WINDOW_S = 0.01;

    private const NEEDS_DB = [20 => 35.0, 30 => 45.0];

    /** Above the noise by so much, the decay is still itself. */
    private const CLEAR_DB = 6.0;

    /**
     * @param  float  $rangeDb  from the loudest down to the noise
     * @param  list<array{float, float}>  $curve  seconds from the loudest, decibels
     */
    private function __construct(public float $rangeDb, public ?float $t20, public ?float $t30, public array $curve)
    {
    }

    /** @param  list<float>  $samples  −1…1 */
    public static function of(array $samples, float $rateHz): self
    {
        $size = max(1, (int) round(self::WINDOW_S * $rateHz));
        $energy = [];
        foreach (array_chunk($samples, $size) as $chunk) {
            $sum = 0.0;
            foreach ($chunk as $s) {
                $sum += $s * $s;
            }
            $energy[] = $sum / count($chunk);
        }
        if (count($energy) < 20) {
            return new self(0.0, null, null, []);
        }
        $tail = array_slice($energy, -max(5, intdiv(count($energy), 10)));
        $noise = max(1e-14, array_sum($tail) / count($tail));
        $peak = (int) array_search(max($energy), $energy, true);
        $range = 10 * log10(max(1e-14, $energy[$peak]) / $noise);
        $knee = self::knee($energy, $peak, $noise);
        $seconds = $size / $rateHz;
        // First without what lies behind the cut, then with it, by the time just found.
        $curve = self::integral($energy, $peak, $knee, $noise, 0.0, $seconds);
        $first = self::time($curve, 20.0) ?? self::time($curve, 10.0);
        if ($first !== null) {
            $curve = self::integral($energy, $peak, $knee, $noise, $first, $seconds);
        }

        return new self(
            $range,
            $range >= self::NEEDS_DB[20] ? self::time($curve, 20.0) : null,
            $range >= self::NEEDS_DB[30] ? self::time($curve, 30.0) : null,
            $curve,
        );
    }

    /**
     * One octave of a recording: three second-order band-passes one after the other (Bristow-Johnson's cookbook).
     *
     * @param  list<float>  $samples
     * @return list<float>
     */
    public static function octave(array $samples, float $rateHz, float $centreHz): array
    {
        $w = 2 * M_PI * $centreHz / $rateHz;
        $alpha = sin($w) * sinh(M_LN2 / 2 * 1.2 * $w / sin($w));
        [$b, $a1, $a2] = [$alpha / (1 + $alpha), -2 * cos($w) / (1 + $alpha), (1 - $alpha) / (1 + $alpha)];
        for ($pass = 0; $pass < 3; $pass++) {
            [$x1, $x2, $y1, $y2] = [0.0, 0.0, 0.0, 0.0];
            foreach ($samples as $i => $x) {
                $y = $b * ($x - $x2) - $a1 * $y1 - $a2 * $y2;
                [$x2, $x1, $y2, $y1] = [$x1, $x, $y1, $y];
                $samples[$i] = $y;
            }
        }

        return $samples;
    }

    /**
     * Where the decay sinks into the noise.
     *
     * @param  list<float>  $energy
     */
    private static function knee(array $energy, int $peak, float $noise): int
    {
        $limit = $noise * 10 ** (self::CLEAR_DB / 10);
        for ($i = $peak; $i < count($energy) - 3; $i++) {
            if (($energy[$i] + $energy[$i + 1] + $energy[$i + 2]) / 3 < $limit) {
                return $i;
            }
        }

        return count($energy) - 1;
    }

    /**
     * @param  list<float>  $energy
     * @param  float  $timeS  the decay to put back behind the cut by
     * @return list<array{float, float}>
     */
    private static function integral(array $energy, int $peak, int $knee, float $noise, float $timeS, float $seconds): array
    {
        $clear = array_map(static fn (float $e): float => max(0.0, $e - $noise), array_slice($energy, $peak, max(1, $knee - $peak)));
        $last = array_sum(array_slice($clear, -3)) / max(1, count(array_slice($clear, -3)));
        $sum = $timeS > 0 ? $last * $timeS / (6 * M_LN10) / $seconds : 0.0;
        $curve = [];
        for ($i = count($clear) - 1; $i >= 0; $i--) {
            $sum += $clear[$i];
            $curve[] = [$i * $seconds, $sum];
        }
        $all = max(1e-30, $sum);

        return array_map(static fn (array $p): array => [$p[0], 10 * log10(max(1e-30, $p[1]) / $all)], array_reverse($curve));
    }

    /**
     * Seconds for 60 dB by a straight line from −5 dB over so many.
     *
     * @param  list<array{float, float}>  $curve
     */
    private static function time(array $curve, float $overDb): ?float
    {
        $points = array_values(array_filter($curve, static fn (array $p): bool => $p[1] <= -5.0 && $p[1] >= -5.0 - $overDb));
        $count = count($points);
        if ($count < 3) {
            return null;
        }
        [$t, $l] = [array_sum(array_column($points, 0)) / $count, array_sum(array_column($points, 1)) / $count];
        [$across, $along] = [0.0, 0.0];
        foreach ($points as [$x, $y]) {
            $across += ($x - $t) * ($y - $l);
            $along += ($x - $t) ** 2;
        }
        $slope = $along > 0 ? $across / $along : 0.0;

        return $slope < 0 ? -60 / $slope : null;
    }
}
