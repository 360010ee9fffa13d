<?php

declare(strict_types=1);

namespace FineFrame\Space;

/** How well a room's readings agree: the gap of a chain, or the largest residual of a survey. */
final readonly class Closure
{
    /** A chain is refused when it misses by more than this or by the share of its perimeter, whichever is more. */
    public const LIMIT_M = 0.05;

    public const LIMIT_SHARE = 0.005;

    public function __construct(public float $misclosureM, public float $perimeterM, public bool $checked)
    {
    }

    public function limitM(): float
    {
        return max(self::LIMIT_M, self::LIMIT_SHARE * $this->perimeterM);
    }

    public function holds(): bool
    {
        return $this->misclosureM <= $this->limitM();
    }
}
