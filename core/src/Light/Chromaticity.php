<?php

declare(strict_types=1);

namespace FineFrame\Light;

/** The colour of a light as CIE 1931 x and y; its temperature and tint by the nearest black body in CIE 1960 u and v. */
final readonly class Chromaticity
{
    /** The locus formula's range, kelvin. */
    private const COOLEST_K = 1000.0;

    private const HOTTEST_K = 15000.0;

    public function __construct(public float $x, public float $y)
    {
    }

    /** A black body: Krystek 1985 (Color Res. Appl. 10:38), 1000–15 000 K, within 8·10⁻⁵ in u and v. */
    public static function planckian(float $kelvin): self
    {
        [$u, $v] = self::locus($kelvin);

        return self::uv($u, $v);
    }

    /** A phase of daylight: the CIE D-series (CIE 015), 4000–25 000 K; cooler or hotter is taken at the end of the range. */
    public static function daylight(float $kelvin): self
    {
        $t = max(4000.0, min(25_000.0, $kelvin));
        $x = $t <= 7000
            ? 0.244063 + 99.11 / $t + 2.9678e6 / $t ** 2 - 4.6070e9 / $t ** 3
            : 0.237040 + 247.48 / $t + 1.9018e6 / $t ** 2 - 2.0064e9 / $t ** 3;

        return new self($x, -3 * $x ** 2 + 2.87 * $x - 0.275);
    }

    /**
     * Lights add as XYZ, each with Y as its illuminance (CIE 015).
     *
     * @param  non-empty-list<array{float, self}>  $lights  lux and colour
     */
    public static function mixed(array $lights): self
    {
        $x = $y = $z = 0.0;
        foreach ($lights as [$lux, $colour]) {
            $x += $lux * $colour->x / $colour->y;
            $y += $lux;
            $z += $lux * (1 - $colour->x - $colour->y) / $colour->y;
        }
        $sum = $x + $y + $z;

        return $sum > 0 ? new self($x / $sum, $y / $sum) : $lights[0][1];
    }

    /**
     * As XYZ, Y the illuminance.
     *
     * @return array{float, float, float}
     */
    public function xyz(float $lux): array
    {
        return [$lux * $this->x / $this->y, $lux, $lux * (1 - $this->x - $this->y) / $this->y];
    }

    /** @param  array{float, float, float}  $xyz */
    public static function ofXyz(array $xyz): self
    {
        $sum = array_sum($xyz);

        return $sum > 0.0 ? new self($xyz[0] / $sum, $xyz[1] / $sum) : self::planckian(6500.0);
    }

    /**
     * The light on its way and off a coloured surface together, as XYZ: each of X, Y and Z is sent back by its own share, once or to and
     * fro for good.
     *
     * @param  array{float, float, float}  $gives
     * @return array{float, float, float}
     *
     * @throws ImpossibleLight if nothing swallows the light
     */
    public function bounced(float $lux, array $gives, float $direct, float $bounced, bool $forGood = false): array
    {
        $off = static function (float $light, float $share) use ($direct, $bounced, $forGood): float {
            if (! ($share < 1.0 || ! $forGood)) {
                throw ImpossibleLight::unswallowed();
            }

            return $light * ($direct + $bounced * ($forGood ? $share / (1 - $share) : $share));
        };
        [$x, $y, $z] = $this->xyz($lux);

        return [$off($x, $gives[0]), $off($y, $gives[1]), $off($z, $gives[2])];
    }

    /** Correlated colour temperature, kelvin. */
    public function kelvin(): float
    {
        [$u, $v] = $this->asUv();
        $away = static function (float $mired) use ($u, $v): float {
            [$a, $b] = self::locus(1e6 / $mired);

            return ($a - $u) ** 2 + ($b - $v) ** 2;
        };
        [$low, $high] = [1e6 / self::HOTTEST_K, 1e6 / self::COOLEST_K];
        $golden = (sqrt(5) - 1) / 2;
        while ($high - $low > 1e-4) {
            [$one, $two] = [$high - $golden * ($high - $low), $low + $golden * ($high - $low)];
            [$low, $high] = $away($one) < $away($two) ? [$low, $two] : [$one, $high];
        }

        return 2e6 / ($low + $high);
    }

    /** Distance from the black body, positive towards green, negative towards magenta (ANSI C78.377). */
    public function duv(): float
    {
        [$u, $v] = $this->asUv();
        [$a, $b] = self::locus($this->kelvin());

        return ($v >= $b ? 1 : -1) * hypot($u - $a, $v - $b);
    }

    /** The same moved off the black body, square to its locus: positive towards green. */
    public function greener(float $duv): self
    {
        if ($duv === 0.0) {
            return $this;
        }
        [$u, $v] = $this->asUv();
        $kelvin = $this->kelvin();
        [[$a, $b], [$c, $d]] = [self::locus($kelvin * 0.99), self::locus($kelvin * 1.01)];
        $length = hypot($c - $a, $d - $b);
        // The locus runs from red to blue, down and to the left in u and v; green lies above it.
        [$across, $up] = [($d - $b) / $length, -($c - $a) / $length];
        $sign = $up >= 0 ? 1 : -1;

        return self::uv($u + $sign * $duv * $across, $v + $sign * $duv * $up);
    }

    public function tint(): Tint
    {
        return Tint::of($this->duv());
    }

    /** @return array{float, float} */
    private function asUv(): array
    {
        $d = -2 * $this->x + 12 * $this->y + 3;

        return [4 * $this->x / $d, 6 * $this->y / $d];
    }

    private static function uv(float $u, float $v): self
    {
        $d = 2 * $u - 8 * $v + 4;

        return new self(3 * $u / $d, 2 * $v / $d);
    }

    /** @return array{float, float} */
    private static function locus(float $t): array
    {
        return [
            (0.860117757 + 1.54118254e-4 * $t + 1.28641212e-7 * $t ** 2) / (1 + 8.42420235e-4 * $t + 7.08145163e-7 * $t ** 2),
            (0.317398726 + 4.22806245e-5 * $t + 4.20481691e-8 * $t ** 2) / (1 - 2.89741816e-5 * $t + 1.61456053e-7 * $t ** 2),
        ];
    }
}
