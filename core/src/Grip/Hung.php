<?php

declare(strict_types=1);

namespace FineFrame\Grip;

/** A thing that wants a place: what it sits on, and what it weighs. */
final readonly class Hung
{
    /**
     * @param  float|null  $heightM  null where any will do
     * @param  string|null  $on  the place that it is to be on; null where any will do
     *
     * @throws ImpossibleJoint
     */
    public function __construct(
        public string $id,
        public string $mount,
        public float $kg,
        public ?float $heightM = null,
        public ?string $on = null,
    ) {
        if ($kg < 0.0) {
            throw ImpossibleJoint::negative("The weight of $id");
        }
    }
}
