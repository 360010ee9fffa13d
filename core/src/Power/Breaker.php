<?php

declare(strict_types=1);

namespace FineFrame\Power;

/** A breaker, what of it continuous load may take, and what hangs on it already. */
final readonly class Breaker
{
    /** Equal to the limit is allowed, amperes. */
    public const EVEN_A = 1e-9;

    /**
     * @param  float  $share  of its amperes that continuous load may take
     * @param  list<string>  $classes  of what is on it already
     *
     * @throws ImpossiblePower
     */
    public function __construct(
        public string $id,
        public float $amps,
        public float $volts,
        public float $share,
        public float $alreadyA = 0.0,
        public array $classes = [],
    ) {
        match (true) {
            $amps <= 0.0 => throw ImpossiblePower::none("The amperes of $id"),
            $volts <= 0.0 => throw ImpossiblePower::none("The volts of $id"),
            $share <= 0.0 || $share > 1.0 => throw ImpossiblePower::share("What may be drawn of $id"),
            $alreadyA < 0.0 => throw ImpossiblePower::negative("What is on $id already"),
            default => null,
        };
    }

    public function limitA(): float
    {
        return $this->amps * $this->share;
    }

    /** What it carries besides what is on it already; below nothing where that is too much by itself. */
    public function freeA(): float
    {
        return $this->limitA() - $this->alreadyA;
    }
}
