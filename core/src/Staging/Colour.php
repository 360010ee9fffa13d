<?php

declare(strict_types=1);

namespace FineFrame\Staging;

/** A colour as sampled in daylight, in CIE 1976 L*, a*, b* under D65; what lies between two of them by CIEDE2000. */
final readonly class Colour
{
    /** D65 at the 2° observer. */
    private const WHITE = [0.95047, 1.0, 1.08883];

    private function __construct(public float $l, public float $a, public float $b)
    {
    }

    /** @param  string  $hex  sRGB (IEC 61966-2-1), as #7a5c3e */
    public static function hex(string $hex): self
    {
        [$r, $g, $b] = array_map(static function (string $part): float {
            $c = hexdec($part) / 255;

            return $c <= 0.04045 ? $c / 12.92 : (($c + 0.055) / 1.055) ** 2.4;
        }, str_split(substr($hex, 1), 2) + ['00', '00', '00']);
        $xyz = [
            0.4124564 * $r + 0.3575761 * $g + 0.1804375 * $b,
            0.2126729 * $r + 0.7151522 * $g + 0.0721750 * $b,
            0.0193339 * $r + 0.1191920 * $g + 0.9503041 * $b,
        ];
        [$x, $y, $z] = array_map(
            static fn (float $v, float $white): float => $v / $white > 216 / 24389 ? ($v / $white) ** (1 / 3) : (
                24389 / 27 * $v / $white
                + 16
            ) / 116,
            $xyz,
            self::WHITE,
        );

        return new self(116 * $y - 16, 500 * ($x - $y), 200 * ($y - $z));
    }

    public static function lab(float $l, float $a, float $b): self
    {
        return new self($l, $a, $b);
    }

    /** The share of light that it sends back: Y of CIE XYZ, white 1. */
    public function luminance(): float
    {
        return $this->l > 8.0 ? (($this->l + 16) / 116) ** 3 : $this->l * 27 / 24389;
    }

    /** CIEDE2000, all weights 1: Sharma, Wu and Dalal, Color Res. Appl. 30:21 (2005). About 1 is just seen, 10 at a glance. */
    public function differsFrom(self $other): float
    {
        $mean7 = ((hypot($this->a, $this->b) + hypot($other->a, $other->b)) / 2) ** 7;
        $g = 0.5 * (1 - sqrt($mean7 / ($mean7 + 25 ** 7)));
        [$a1, $a2] = [(1 + $g) * $this->a, (1 + $g) * $other->a];
        [$c1, $c2] = [hypot($a1, $this->b), hypot($a2, $other->b)];
        [$h1, $h2] = [self::hue($a1, $this->b), self::hue($a2, $other->b)];
        $turn = $c1 * $c2 === 0.0 ? 0.0 : fmod($h2 - $h1 + 540.0, 360.0) - 180.0;
        [$dl, $dc, $dh] = [$other->l - $this->l, $c2 - $c1, 2 * sqrt($c1 * $c2) * sin(deg2rad($turn / 2))];
        [$l, $c] = [($this->l + $other->l) / 2, ($c1 + $c2) / 2];
        $h = $c1 * $c2 === 0.0 ? $h1 + $h2 : fmod($h1 + $turn / 2 + 360.0, 360.0);
        $t = 1 - 0.17 * cos(deg2rad($h - 30)) + 0.24 * cos(deg2rad(2 * $h)) + 0.32 * cos(deg2rad(3 * $h + 6)) - 0.20 * cos(
            deg2rad(4 * $h - 63),
        );
        $sl = 1 + 0.015 * ($l - 50) ** 2 / sqrt(20 + ($l - 50) ** 2);
        [$sc, $sh] = [1 + 0.045 * $c, 1 + 0.015 * $c * $t];
        $rotation = -sin(deg2rad(60 * exp(-(($h - 275) / 25) ** 2))) * 2 * sqrt($c ** 7 / ($c ** 7 + 25 ** 7));

        return sqrt(($dl / $sl) ** 2 + ($dc / $sc) ** 2 + ($dh / $sh) ** 2 + $rotation * ($dc / $sc) * ($dh / $sh));
    }

    private static function hue(float $a, float $b): float
    {
        return $a === 0.0 && $b === 0.0 ? 0.0 : fmod(rad2deg(atan2($b, $a)) + 360.0, 360.0);
    }
}
