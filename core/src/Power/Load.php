<?php

declare(strict_types=1);

namespace FineFrame\Power;

/** What hangs on a breaker. */
final readonly class Load
{
    /**
     * @param  string  $class  of its kind: some kinds do not go with others
     * @param  string|null  $only  the one breaker that it has to be on
     * @param  list<string>  $not  breakers that it must not be on
     * @param  array<string, float>  $costM  metres of cable to each breaker
     *
     * @throws ImpossiblePower
     */
    public function __construct(
        public string $id,
        public float $watts,
        public float $powerFactor = 1.0,
        public string $class = '',
        public ?string $only = null,
        public array $not = [],
        public array $costM = [],
    ) {
        match (true) {
            $watts < 0.0 => throw ImpossiblePower::negative("The watts of $id"),
            $powerFactor <= 0.0 || $powerFactor > 1.0 => throw ImpossiblePower::share("The power factor of $id"),
            min([0.0, ...array_values($costM)]) < 0.0 => throw ImpossiblePower::negative("The way of $id"),
            default => null,
        };
    }

    public function ampsAt(float $volts): float
    {
        return Mains::amps($this->watts, $volts, $this->powerFactor);
    }

    public function mayBeOn(Breaker $breaker): bool
    {
        return ($this->only === null || $this->only === $breaker->id) && ! in_array($breaker->id, $this->not, true);
    }
}
