<?php

declare(strict_types=1);

namespace FineFrame\Sound;

/** How far carriers keep off each other and off each other's intermodulation, kHz; 0: not asked for. As far as that is far enough. */
final readonly class Guards
{
    public function __construct(public int $spacing, public int $twoThird, public int $threeThird, public int $twoFifth)
    {
    }
}
