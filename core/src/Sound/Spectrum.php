<?php

declare(strict_types=1);

namespace FineFrame\Sound;

/** Fourier transform of a power of two of complex numbers, in place (Cooley and Tukey 1965). */
final class Spectrum
{
    /**
     * From a spectrum to samples: `x[n] = Σ X[k]·exp(2πi·kn/N)`, not divided by N.
     *
     * @param  list<float>  $real
     * @param  list<float>  $imaginary  as many; a power of two
     * @return array{list<float>, list<float>}
     */
    public static function sounded(array $real, array $imaginary): array
    {
        $count = count($real);
        for ($i = 1, $j = 0; $i < $count; $i++) {
            for ($bit = $count >> 1; ($j & $bit) !== 0; $bit >>= 1) {
                $j ^= $bit;
            }
            $j |= $bit;
            if ($i < $j) {
                [$real[$i], $real[$j]] = [$real[$j], $real[$i]];
                [$imaginary[$i], $imaginary[$j]] = [$imaginary[$j], $imaginary[$i]];
            }
        }
        for ($size = 2; $size <= $count; $size <<= 1) {
            $half = $size >> 1;
            for ($k = 0; $k < $half; $k++) {
                [$cos, $sin] = [cos(2 * M_PI * $k / $size), sin(2 * M_PI * $k / $size)];
                for ($i = $k; $i < $count; $i += $size) {
                    $j = $i + $half;
                    $re = $real[$j] * $cos - $imaginary[$j] * $sin;
                    $im = $real[$j] * $sin + $imaginary[$j] * $cos;
                    $real[$j] = $real[$i] - $re;
                    $imaginary[$j] = $imaginary[$i] - $im;
                    $real[$i] += $re;
                    $imaginary[$i] += $im;
                }
            }
        }

        return [array_values($real), array_values($imaginary)];
    }
}
