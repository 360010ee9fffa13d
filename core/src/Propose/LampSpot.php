<?php

declare(strict_types=1);

namespace FineFrame\Propose;

use FineFrame\Light\SoftBox;

/** A lamp placed for trial, and how well it would do. */
final readonly class LampSpot
{
    /** @param  int  $sign  the side of the nose that it stands on: 1 is to the face's left of the way it looks */
    public function __construct(public SoftBox $lamp, public int $sign, public float $score)
    {
    }
}
