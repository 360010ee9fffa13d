<?php

declare(strict_types=1);

namespace FineFrame\Camera;

/**
 * Exact thin lens, distances from the principal plane; f-number, not T-stop.
 *
 * Source: H = f²/(N·c) + f, near = s(H−f)/(H+s−2f), far = s(H−f)/(H−s); Ray, Applied Photographic Optics, 3rd ed., ch. 22.
 */
final readonly class DepthOfField
{
    /** Circle of confusion as a share of the used sensor's diagonal. */
    public const CONFUSION_SHARE = 1 / 1500;

    private float $focalM;

    private float $confusionM;

    /** @throws ImpossibleOptics if a value is not positive */
    public function __construct(float $focalMm, public float $fNumber, float $confusionMm)
    {
        foreach ([
            'The focal length' => $focalMm,
            'The f-number' => $fNumber,
            'The circle of confusion' => $confusionMm,
        ] as $what => $value) {
            if ($value <= 0) {
                throw ImpossibleOptics::notPositive($what);
            }
        }
        $this->focalM = $focalMm / 1000;
        $this->confusionM = $confusionMm / 1000;
    }

    public function hyperfocalM(): float
    {
        return $this->focalM ** 2 / ($this->fNumber * $this->confusionM) + $this->focalM;
    }

    /** @throws ImpossibleOptics if the subject is inside the focal length */
    public function nearM(float $focusM): float
    {
        $h = $this->hyperfocalM();

        return self::real($focusM, $this->focalM) * ($h - $this->focalM) / ($h + $focusM - 2 * $this->focalM);
    }

    /**
     * @return float|null null is infinity
     *
     * @throws ImpossibleOptics if the subject is inside the focal length
     */
    public function farM(float $focusM): ?float
    {
        $h = $this->hyperfocalM();
        self::real($focusM, $this->focalM);

        return $focusM >= $h * (1 - 1e-11) ? null : $focusM * ($h - $this->focalM) / ($h - $focusM);
    }

    /**
     * The blur disc on the sensor of a point at another distance: |D−s|/D · f²/(N(s−f)).
     *
     * @param  float|null  $pointM  null is infinity
     *
     * @throws ImpossibleOptics if the subject is inside the focal length
     */
    public function blurMm(float $focusM, ?float $pointM): float
    {
        $share = $pointM === null ? 1.0 : abs($pointM - $focusM) / $pointM;

        return 1000 * $share * $this->focalM ** 2 / ($this->fNumber * (self::real($focusM, $this->focalM) - $this->focalM));
    }

    /**
     * Where to focus and the f-number to hold two distances at once: the limits' harmonic mean.
     *
     * @return array{float, float} focus in metres, f-number
     *
     * @throws ImpossibleOptics if the near limit is inside the focal length
     */
    public static function split(float $focalMm, float $confusionMm, float $nearM, float $farM): array
    {
        $f = $focalMm / 1000;
        $focus = 2 * self::real($nearM, $f) * $farM / ($nearM + $farM);

        return [$focus, $f ** 2 * ($farM - $nearM) / (2 * $confusionMm / 1000 * ($nearM * $farM - $f * ($nearM + $farM) / 2))];
    }

    private static function real(float $focusM, float $focalM): float
    {
        return $focusM > $focalM * (1 + 1e-9) ? $focusM : throw ImpossibleOptics::insideFocalLength();
    }
}
