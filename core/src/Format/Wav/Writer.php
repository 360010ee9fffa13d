<?php

declare(strict_types=1);

namespace FineFrame\Format\Wav;

/** Writes RIFF WAVE of one channel in 32-bit floating point, which holds what is over full scale as well. */
final class Writer
{
    private const FLOAT = 3;

    private const BITS = 32;

    /** @param  list<float>  $samples  −1…1 is full scale */
    public static function write(array $samples, int $rateHz): string
    {
        $sound = '';
        // So many arguments at a time.
        foreach (array_chunk($samples, 8192) as $chunk) {
            $sound .= pack('g*', ...$chunk);
        }
        $format = pack('vvVVvv', self::FLOAT, 1, $rateHz, $rateHz * self::BITS / 8, self::BITS / 8, self::BITS);
        $fact = 'fact'.pack('VV', 4, count($samples));
        $body = 'WAVE'.'fmt '.pack('V', strlen($format)).$format.$fact.'data'.pack('V', strlen($sound)).$sound;

        return 'RIFF'.pack('V', strlen($body)).$body;
    }
}
