<?php

declare(strict_types=1);

namespace FineFrame\Sound;

/**
 * What a microphone gives to an input, and the gain that brings it to where it belongs.
 *
 * A microphone gives `20·log₁₀(S)` dBV at 94 dB, `S` in volts a pascal; dBu = dBV + 2.218 (0.775 V). An input that clips at
 * so many dBu with no gain clips at 0 dBFS; the mean belongs at −20 dBFS (EBU R 68 and SMPTE RP 155 align near there).
 */
final readonly class InputLevel
{
    public const MEAN_DBFS = -20.0;

    private const DBU_OVER_DBV = 2.218;

    /**
     * @param  float  $meanDbu  as it comes
     * @param  float  $gainDb  that brings the mean to where it belongs
     * @param  float  $peakDbfs  the peaks, then
     */
    private function __construct(public float $meanDbu, public float $gainDb, public float $peakDbfs)
    {
    }

    /**
     * @param  float  $meanDb  sound pressure at the microphone, dB
     * @param  float  $crestDb  peaks over the mean
     * @param  float  $clipsDbu  where the input clips with no gain
     */
    public static function of(float $millivolts, float $meanDb, float $crestDb, float $clipsDbu): self
    {
        $mean = 20 * log10($millivolts / 1000) + self::DBU_OVER_DBV + $meanDb - 94.0;
        $gain = $clipsDbu + self::MEAN_DBFS - $mean;

        return new self($mean, $gain, self::MEAN_DBFS + $crestDb);
    }

    /** What is left over the peaks before 0 dBFS, dB. */
    public function headroomDb(): float
    {
        return -$this->peakDbfs;
    }
}
