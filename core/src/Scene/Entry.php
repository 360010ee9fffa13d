<?php

declare(strict_types=1);

namespace FineFrame\Scene;

/** A time during which something that nobody wants to see is in a frame: in the moving camera's, or the moving camera in another's. */
final readonly class Entry
{
    /**
     * @param  string  $seenBy  the camera in whose frame it is
     * @param  float  $fromS  the moment it enters, to a fiftieth of a second
     * @param  float  $toS  the last moment it was seen
     */
    public function __construct(public string $owner, public string $seenBy, public float $fromS, public float $toS)
    {
    }
}
