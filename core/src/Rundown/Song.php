<?php

declare(strict_types=1);

namespace FineFrame\Rundown;

/** A piece on the clock of the recording, seconds. */
final readonly class Song
{
    /** @throws ImpossibleDay where it ends before it begins */
    public function __construct(public string $id, public float $startS, public float $endS)
    {
        if ($endS < $startS) {
            throw ImpossibleDay::negative($id);
        }
    }
}
