<?php

declare(strict_types=1);

namespace FineFrame\Light;

/** A projector's light: an even picture, as wide as its throw makes it, and nothing beside it. */
final readonly class Projection
{
    /**
     * @param  float  $throw  distance over the picture's width
     * @param  float  $ratio  the picture's width over its height
     */
    public function __construct(public float $throw, public float $ratio)
    {
    }

    /**
     * Candela for one lux on an upright screen a metre ahead, `1/cos³` within the picture.
     *
     * @param  float  $offRad  off straight ahead
     * @param  float  $aroundRad  around it, from the right
     */
    public function candela(float $offRad, float $aroundRad): float
    {
        if ($offRad >= M_PI / 2) {
            return 0.0;
        }
        [$x, $y] = [tan($offRad) * cos($aroundRad), tan($offRad) * sin($aroundRad)];

        return abs($x) <= 0.5 / $this->throw && abs($y) <= 0.5 / $this->throw / $this->ratio ? 1 / cos($offRad) ** 3 : 0.0;
    }

    /** The picture's square metres at one metre: lumens for one lux there. */
    public function areaM2(): float
    {
        return 1 / $this->throw ** 2 / $this->ratio;
    }
}
