<?php

declare(strict_types=1);

namespace FineFrame\Grip;

/** A place that takes one thing: a stud, a screw, an edge that a clamp bites, a gap that a spreader spans. */
final readonly class Holds
{
    /**
     * @param  string  $type  as the thing’s own mount is called
     * @param  float|null  $sizeM  of an edge or a gap; null where nothing spans it
     * @param  float|null  $maxKg  null where nobody has rated it
     * @param  array{float, float}|null  $reachM  the heights it holds at; null for any
     *
     * @throws ImpossibleJoint
     */
    public function __construct(
        public string $id,
        public string $type,
        public ?float $sizeM = null,
        public ?float $maxKg = null,
        public ?array $reachM = null,
    ) {
        if (($maxKg ?? 0.0) < 0.0) {
            throw ImpossibleJoint::negative("What $id carries");
        }
    }

    public function reaches(?float $heightM): bool
    {
        return $heightM === null || $this->reachM === null
            || ($heightM >= $this->reachM[0] - 1e-9 && $heightM <= $this->reachM[1] + 1e-9);
    }
}
