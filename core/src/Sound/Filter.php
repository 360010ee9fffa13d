<?php

declare(strict_types=1);

namespace FineFrame\Sound;

/** Second-order filters over sampled sound (Bristow-Johnson’s forms), and octaves cut out by eight of them (Butterworth, eighth order). */
final readonly class Filter
{
    /** Of four sections that make one of the eighth order: `1/(2 cos((2k − 1)π/16))`. */
    private const QS = [0.509796, 0.601345, 0.899976, 2.562915];

    private function __construct(private float $b0, private float $b1, private float $b2, private float $a1, private float $a2)
    {
    }

    public static function low(float $hz, float $rateHz, float $q = M_SQRT1_2): self
    {
        [$cos, $alpha] = self::corner($hz, $rateHz, $q);

        return new self(
            (1 - $cos) / 2 / (1 + $alpha),
            (1 - $cos) / (1 + $alpha),
            (1 - $cos) / 2 / (1 + $alpha),
            -2 * $cos / (1 + $alpha),
            (1 - $alpha) / (1 + $alpha),
        );
    }

    public static function high(float $hz, float $rateHz, float $q = M_SQRT1_2): self
    {
        [$cos, $alpha] = self::corner($hz, $rateHz, $q);

        return new self(
            (1 + $cos) / 2 / (1 + $alpha),
            -(1 + $cos) / (1 + $alpha),
            (1 + $cos) / 2 / (1 + $alpha),
            -2 * $cos / (1 + $alpha),
            (1 - $alpha) / (1 + $alpha),
        );
    }

    /** A resonance, as loud at its middle as what goes in. */
    public static function resonance(float $hz, float $widthHz, float $rateHz): self
    {
        [$cos, $alpha] = self::corner($hz, $rateHz, $hz / $widthHz);

        return new self($alpha / (1 + $alpha), 0.0, -$alpha / (1 + $alpha), -2 * $cos / (1 + $alpha), (1 - $alpha) / (1 + $alpha));
    }

    /**
     * An octave about its middle.
     *
     * @param  list<float>  $samples
     * @return list<float>
     */
    public static function octave(array $samples, int $band, float $rateHz): array
    {
        $hz = Material::BANDS_HZ[$band];
        foreach (self::QS as $q) {
            $samples = self::low($hz * M_SQRT2, $rateHz, $q)->over(self::high($hz / M_SQRT2, $rateHz, $q)->over($samples));
        }

        return $samples;
    }

    /**
     * @param  list<float>  $samples
     * @return list<float>
     */
    public function over(array $samples): array
    {
        [$b0, $b1, $b2, $a1, $a2] = [$this->b0, $this->b1, $this->b2, $this->a1, $this->a2];
        $s1 = $s2 = 0.0;
        $out = [];
        foreach ($samples as $x) {
            $y = $b0 * $x + $s1;
            $s1 = $b1 * $x - $a1 * $y + $s2;
            $s2 = $b2 * $x - $a2 * $y;
            $out[] = $y;
        }

        return $out;
    }

    /** @return array{float, float} the cosine of its corner, and its half width */
    private static function corner(float $hz, float $rateHz, float $q): array
    {
        $angle = 2 * M_PI * min(0.49, $hz / $rateHz);

        return [cos($angle), sin($angle) / 2 / $q];
    }
}
