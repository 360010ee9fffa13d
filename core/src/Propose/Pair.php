<?php

declare(strict_types=1);

namespace FineFrame\Propose;

use FineFrame\Geometry\Turn;
use FineFrame\Geometry\Vec2;
use FineFrame\Measure\Quantity;

/**
 * Two camera places together.
 *
 * @internal
 */
final readonly class Pair
{
    /**
     * @param  Vec2|null  $seat  where whoever asks is to sit
     * @param  array<string, mixed>  $chairEdit  by which the chair comes where it is
     * @param  array<string, array{float, Quantity|string, float}>  $reasons
     */
    public function __construct(
        public float $score,
        public Spot $first,
        public ?Spot $second,
        public Vec2 $chair,
        public ?Vec2 $seat,
        public array $chairEdit,
        public array $reasons,
    ) {
    }

    /** Whether somebody would call the two the same idea. */
    public function isLike(self $other): bool
    {
        $near = static fn (?Spot $a, ?Spot $b): bool => $a === null || $b === null || abs(
            Turn::wrapped($a->turn - $b->turn),
        ) < 0.42 && abs(log($a->fieldM / $b->fieldM)) < 0.3;

        return $this->chair->distanceTo($other->chair) < 0.8 && $near($this->first, $other->first) && $near($this->second, $other->second);
    }
}
