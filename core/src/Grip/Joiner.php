<?php

declare(strict_types=1);

namespace FineFrame\Grip;

/** A kind of part that sits on a place and offers others: an adaptor, an arm, a bar, a clamp, a spreader. */
final readonly class Joiner
{
    /**
     * @param  list<string>  $offers  types of the places on it
     * @param  float|null  $maxKg  null where nobody has rated it
     * @param  array{float, float}|null  $spanM  of the edge or gap that it takes; null for what spans nothing
     *
     * @throws ImpossibleJoint
     */
    public function __construct(
        public string $kind,
        public string $sitsOn,
        public array $offers,
        public float $kg,
        public ?float $maxKg,
        public int $count,
        public ?array $spanM = null,
    ) {
        if ($kg < 0.0 || ($maxKg ?? 0.0) < 0.0 || $count < 0) {
            throw ImpossibleJoint::negative("The weight, the rating and the number of $kind");
        }
        if ($offers === []) {
            throw ImpossibleJoint::offersNothing($kind);
        }
        if ($spanM !== null && $spanM[0] > $spanM[1]) {
            throw ImpossibleJoint::span($kind);
        }
    }

    public function fits(string $type, ?float $sizeM): bool
    {
        return $this->sitsOn === $type
            && ($this->spanM === null || ($sizeM !== null && $sizeM >= $this->spanM[0] - 1e-9 && $sizeM <= $this->spanM[1] + 1e-9));
    }

    public function counted(int $count): self
    {
        return new self($this->kind, $this->sitsOn, $this->offers, $this->kg, $this->maxKg, $count, $this->spanM);
    }
}
