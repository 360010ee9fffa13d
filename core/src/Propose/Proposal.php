<?php

declare(strict_types=1);

namespace FineFrame\Propose;

use FineFrame\Plan\Edit;

/** Places for cameras or lamps, with what speaks for them and what they give up. */
final readonly class Proposal
{
    /**
     * @param  float  $score  the weighted mean of its reasons
     * @param  list<Reason>  $reasons  the strongest first
     * @param  list<string>  $toMove  ids of lamps and microphones that stand in its frames
     * @param  string  $name  of its recipe, where it follows one
     */
    public function __construct(
        public float $score,
        public array $reasons,
        public array $toMove,
        public Edit $edit,
        public string $name = '',
    ) {
    }

    /** @return list<Reason> what it does worst, at most two */
    public function givesUp(): array
    {
        $weak = array_values(array_filter($this->reasons, static fn (Reason $r): bool => $r->score < 0.6));
        usort($weak, static fn (Reason $a, Reason $b): int => $a->score <=> $b->score);

        return array_slice($weak, 0, 2);
    }

    /** @return list<Reason> what speaks for it most, at most three */
    public function speaksFor(): array
    {
        $strong = array_values(array_filter($this->reasons, static fn (Reason $r): bool => $r->score >= 0.6));
        usort($strong, static fn (Reason $a, Reason $b): int => $b->score * $b->weight <=> $a->score * $a->weight);

        return array_slice($strong, 0, 3);
    }
}
