<?php

declare(strict_types=1);

namespace FineFrame\Format\Wav;

use FineFrame\Format\UnreadableFile;

/**
 * Reads RIFF WAVE and RF64 (EBU Tech 3306): 16, 24 and 32 bits, and 32-bit float; the channels are mixed to one, block by block, so that a
 * long
 * file takes little more memory than its mix. What the header promises must be there.
 */
final readonly class Reader
{
    private const MOST_BYTES = 40_000_000;

    /** Of the mix: a minute at 48 kHz. More takes more memory and time than a clap is worth. */
    private const MOST_SAMPLES = 2_880_000;

    private const BLOCK_FRAMES = 8192;

    /** A size that is told in the ds64 chunk instead. */
    private const ELSEWHERE = 0xFFFFFFFF;

    /** @param  list<float>  $samples  −1…1 */
    private function __construct(public array $samples, public float $rateHz, public int $channels)
    {
    }

    /** @throws UnreadableFile in words that name what is wrong */
    public static function read(string $file): self
    {
        if (strlen($file) > self::MOST_BYTES) {
            throw UnreadableFile::saying(
                'The recording is larger than 40 MB: a clap and its tail are a few seconds.',
            );
        }
        if (! (strlen($file) >= 44 && in_array(substr($file, 0, 4), ['RIFF', 'RF64'], true) && substr($file, 8, 4) === 'WAVE')) {
            throw UnreadableFile::saying('This is not a WAV recording.');
        }
        $format = $long = null;
        for ($at = 12; $at + 8 <= strlen($file); $at += 8 + $size + $size % 2) {
            $size = self::number('V', $file, $at + 4);
            $kind = substr($file, $at, 4);
            if ($kind === 'ds64' && $size >= 16) {
                $long = self::number('P', $file, $at + 16);
            }
            if ($kind === 'fmt ' && $size >= 16) {
                $format = [
                    self::number('v', $file, $at + 8),
                    self::number('v', $file, $at + 10),
                    self::number('V', $file, $at + 12),
                    self::number('v', $file, $at + 22),
                ];
                if ($format[0] === 0xFFFE && $size >= 40) {
                    $format[0] = self::number('v', $file, $at + 32);
                }
            }
            if ($kind === 'data') {
                if ($format === null) {
                    throw UnreadableFile::saying('The recording says nothing about its format before its sound.');
                }
                $size = $size === self::ELSEWHERE && $long !== null ? $long : $size;
                if ($at + 8 + $size > strlen($file)) {
                    throw UnreadableFile::saying(
                        'The recording is cut off: its header promises '.$size.' bytes of sound, and '.max(
                            0,
                            strlen($file) - $at - 8,
                        ).' are there.',
                    );
                }

                return self::sound($file, $at + 8, $size, $format);
            }
        }
        throw UnreadableFile::saying('The recording holds no sound.');
    }

    /** @param  array{int, int, int, int}  $format  code, channels, rate, bits */
    private static function sound(string $file, int $from, int $size, array $format): self
    {
        [$code, $channels, $rate, $bits] = $format;
        if (! ($channels >= 1 && $channels <= 16 && $rate >= 8000 && $rate <= 192_000)) {
            throw UnreadableFile::saying("A recording of $channels channels at $rate Hz cannot be read.");
        }
        if (! in_array([$code, $bits], [[1, 16], [1, 24], [1, 32], [3, 32]], true)) {
            throw UnreadableFile::saying(
                "A recording of $bits bits".($code === 1 ? '' : " in format $code").' cannot be read: 16, 24 or 32 bits, or 32-bit float.',
            );
        }
        $frame = intdiv($bits, 8) * $channels;
        $frames = intdiv($size, $frame);
        if ($frames <= 0) {
            throw UnreadableFile::saying('The recording holds no sound.');
        }
        if ($frames > self::MOST_SAMPLES) {
            throw UnreadableFile::saying(
                'The recording is '.round($frames / $rate).' seconds long; at this rate '.intdiv(
                    self::MOST_SAMPLES,
                    $rate,
                ).' can be read. Cut out the clap and its tail.',
            );
        }
        $samples = [];
        for ($done = 0; $done < $frames; $done += self::BLOCK_FRAMES) {
            $values = self::values(substr($file, $from + $done * $frame, min(self::BLOCK_FRAMES, $frames - $done) * $frame), $code, $bits);
            // By chunks: the compiler of PHP 8.2 loses the ends of such arrays when they are gone through by index.
            foreach ($channels === 1 ? [] : array_chunk($values, $channels) as $one) {
                $samples[] = array_sum($one) / $channels;
            }
            foreach ($channels === 1 ? $values : [] as $value) {
                $samples[] = $value;
            }
        }

        return new self($samples, (float) $rate, $channels);
    }

    /** @return list<float> every channel's, in turn */
    private static function values(string $block, int $code, int $bits): array
    {
        return match (true) {
            $code === 3 => array_map(
                static fn (int|float $v): float => is_finite($v) ? max(-4.0, min(4.0, $v)) : 0.0,
                self::unpacked('g*', $block),
            ),
            $bits === 16 => array_map(
                static fn (int|float $v): float => ($v >= 32768 ? $v - 65536 : $v) / 32768,
                self::unpacked('v*', $block),
            ),
            $bits === 32 => array_map(
                static fn (int|float $v): float => ($v >= 2 ** 31 ? $v - 2 ** 32 : $v) / 2 ** 31,
                self::unpacked('V*', $block),
            ),
            default => self::of24($block),
        };
    }

    /** @return list<int|float> */
    private static function unpacked(string $format, string $block): array
    {
        $all = unpack($format, $block);

        return $all === false ? [] : array_values(array_filter($all, static fn (mixed $v): bool => is_int($v) || is_float($v)));
    }

    /** @return list<float> */
    private static function of24(string $block): array
    {
        $samples = [];
        for ($i = 0; $i + 2 < strlen($block); $i += 3) {
            $v = ord($block[$i]) | ord($block[$i + 1]) << 8 | ord($block[$i + 2]) << 16;
            $samples[] = ($v >= 0x800000 ? $v - 0x1000000 : $v) / 0x800000;
        }

        return $samples;
    }

    private static function number(string $format, string $file, int $at): int
    {
        $value = unpack($format, substr($file, $at, ['v' => 2, 'V' => 4, 'P' => 8][$format] ?? 4));

        return is_array($value) && is_int($value[1] ?? null) ? $value[1] : 0;
    }
}
