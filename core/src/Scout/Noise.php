<?php

declare(strict_types=1);

namespace FineFrame\Scout;

/** Levels of sources that run together, and the margin of a voice over them. */
final class Noise
{
    /** A calm voice at one metre, dB(A) (ISO 9921, normal effort). */
    public const VOICE_DBA = 60.0;

    public const DAY_MIN = 1440;

    /** @param  list<float>  $levels  dB; energies add */
    public static function together(array $levels): ?float
    {
        return $levels === [] ? null : 10 * log10(array_sum(array_map(static fn (float $l): float => 10 ** ($l / 10), $levels)));
    }

    /** The voice at a microphone against noise that is alike everywhere in the room, dB. */
    public static function margin(float $noiseDba, float $microphoneM, float $voiceDba = self::VOICE_DBA): float
    {
        return $voiceDba - 20 * log10($microphoneM) - $noiseDba;
    }

    /**
     * Whether a source that runs from one clock time to another is heard in a window of the day, either of them across midnight too; an
     * open end is always.
     */
    public static function heard(string $runsFrom, string $runsTo, string $from, string $to): bool
    {
        if ($runsFrom === '' || $runsTo === '' || $from === '' || $to === '') {
            return true;
        }
        foreach (self::spans($runsFrom, $runsTo) as [$a, $b]) {
            foreach (self::spans($from, $to) as [$c, $d]) {
                if ($a < $d && $b > $c) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * @return non-empty-list<array{int, int}> minutes of one day: two stretches where midnight lies between, all of it from one time to the
     *     same
     */
    private static function spans(string $from, string $to): array
    {
        [$a, $b] = [self::minutes($from), self::minutes($to)];

        return $a < $b ? [[$a, $b]] : [[$a, self::DAY_MIN], [0, $b]];
    }

    /** Minutes of the day. */
    public static function minutes(string $clock): int
    {
        [$hours, $minutes] = array_map(intval(...), explode(':', $clock)) + [0, 0];

        return 60 * $hours + $minutes;
    }
}
