<?php

declare(strict_types=1);

namespace FineFrame\Light;

/** Light lost in cloths, gels and nets one behind another: stops add, transmittances multiply. */
final readonly class Loss
{
    private function __construct(public float $stops)
    {
    }

    /** @param  list<float>  $stops */
    public static function ofStops(array $stops): self
    {
        return new self(array_sum($stops));
    }

    /** @param  list<float>  $transmittances */
    public static function through(array $transmittances): self
    {
        return new self(-log(array_product($transmittances), 2));
    }

    public function transmittance(): float
    {
        return 2 ** -$this->stops;
    }

    /** Two layers that throw light to and fro between them: the share that gets through both. */
    public static function sandwich(float $one, float $gives, float $other, float $givesToo): float
    {
        if ($gives * $givesToo >= 1.0) {
            throw ImpossibleLight::unswallowed();
        }

        return $one * $other / (1 - $gives * $givesToo);
    }

    /** A layer over a part of an opening: the share that comes through all of it. */
    public static function covering(float $passes, float $covers): float
    {
        return 1 - $covers + $covers * $passes;
    }
}
