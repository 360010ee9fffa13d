<?php

declare(strict_types=1);

namespace FineFrame\Format\Wav;

use FineFrame\Format\UnreadableFile;

/** Reads RIFF WAVE: 16, 24 and 32 bits, and 32-bit float; the channels are mixed to one. What the header promises must be there. */
final readonly class Reader
{
    private const MOST_BYTES = 40_000_000;

    /** @param  list<float>  $samples  −1…1 */
    private function __construct(public array $samples, public float $rateHz, public int $channels)
    {
    }

    /** @throws UnreadableFile in words that name what is wrong */
    public static function read(string $file): self
    {
        strlen($file) <= self::MOST_BYTES ?: throw UnreadableFile::saying('The recording is larger than 40 MB: a clap and its tail are a few seconds.');
        strlen($file) >= 44 && substr($file, 0, 4) === 'RIFF' && substr($file, 8, 4) === 'WAVE' ?: throw UnreadableFile::saying('This is not a WAV recording.');
        $format = null;
        for ($at = 12; $at + 8 <= strlen($file); $at += 8 + $size + $size % 2) {
            $size = self::number('V', $file, $at + 4);
            $kind = substr($file, $at, 4);
            if ($kind === 'fmt ' && $size >= 16) {
                $format = [self::number('v', $file, $at + 8), self::number('v', $file, $at + 10), self::number('V', $file, $at + 12), self::number('v', $file, $at + 22)];
                $format[0] !== 0xFFFE || $size < 40 ?: $format[0] = self::number('v', $file, $at + 32);
            }
            if ($kind === 'data') {
                $format !== null ?: throw UnreadableFile::saying('The recording says nothing about its format before its sound.');
                $at + 8 + $size <= strlen($file) ?: throw UnreadableFile::saying('The recording is cut off: its header promises '.$size.' bytes of sound, and '.max(0, strlen($file) - $at - 8).' are there.');

                return self::sound(substr($file, $at + 8, $size), $format);
            }
        }
        throw UnreadableFile::saying('The recording holds no sound.');
    }

    /** @param  array{int, int, int, int}  $format  code, channels, rate, bits */
    private static function sound(string $data, array $format): self
    {
        [$code, $channels, $rate, $bits] = $format;
        $channels >= 1 && $channels <= 16 && $rate >= 8000 && $rate <= 192_000 ?: throw UnreadableFile::saying("A recording of $channels channels at $rate Hz cannot be read.");
        $values = match (true) {
            $code === 1 && $bits === 16 => array_map(static fn (int $v): float => ($v >= 32768 ? $v - 65536 : $v) / 32768, self::ints('v*', $data, 2)),
            $code === 1 && $bits === 24 => self::of24($data),
            $code === 1 && $bits === 32 => array_map(static fn (int $v): float => ($v >= 2 ** 31 ? $v - 2 ** 32 : $v) / 2 ** 31, self::ints('V*', $data, 4)),
            $code === 3 && $bits === 32 => self::floats($data),
            default => throw UnreadableFile::saying("A recording of $bits bits".($code === 1 ? '' : " in format $code").' cannot be read: 16, 24 or 32 bits, or 32-bit float.'),
        };
        count($values) >= $channels ?: throw UnreadableFile::saying('The recording holds no sound.');
        $samples = [];
        if ($channels === 1) {
            return new self($values, (float) $rate, 1);
        }
        foreach (array_chunk($values, $channels) as $frame) {
            $samples[] = array_sum($frame) / $channels;
        }

        return new self($samples, (float) $rate, $channels);
    }

    /** @return list<int> */
    private static function ints(string $format, string $data, int $size): array
    {
        $all = unpack($format, substr($data, 0, intdiv(strlen($data), $size) * $size));

        return $all === false ? [] : array_values(array_filter($all, is_int(...)));
    }

    /** @return list<float> */
    private static function floats(string $data): array
    {
        $all = unpack('g*', substr($data, 0, intdiv(strlen($data), 4) * 4));

        return $all === false ? [] : array_values(array_map(static fn (mixed $v): float => is_float($v) && is_finite($v) ? max(-4.0, min(4.0, $v)) : 0.0, $all));
    }

    /** @return list<float> */
    private static function of24(string $data): array
    {
        $samples = [];
        for ($i = 0; $i + 2 < strlen($data); $i += 3) {
            $v = ord($data[$i]) | ord($data[$i + 1]) << 8 | ord($data[$i + 2]) << 16;
            $samples[] = ($v >= 0x800000 ? $v - 0x1000000 : $v) / 0x800000;
        }

        return $samples;
    }

    private static function number(string $format, string $file, int $at): int
    {
        $value = unpack($format, substr($file, $at, $format === 'V' ? 4 : 2));

        return is_array($value) && is_int($value[1] ?? null) ? $value[1] : 0;
    }
}
