<?php

declare(strict_types=1);

namespace FineFrame\Light;

/** Neutral density: 10^D; filters are named at 0.3 a stop, where exactly it is log₁₀ 2. */
final readonly class Density
{
    private const NAMED_STOP = 0.3;

    public function __construct(public float $density)
    {
    }

    public static function ofStops(float $stops): self
    {
        return new self($stops * log10(2));
    }

    public function stops(): float
    {
        return $this->density / log10(2);
    }

    /** What the filter is sold as for these stops. */
    public function nominal(): float
    {
        return $this->stops() * self::NAMED_STOP;
    }

    public function nominalStops(): float
    {
        return $this->density / self::NAMED_STOP;
    }

    public function factor(): float
    {
        return 10 ** $this->density;
    }
}
