<?php

declare(strict_types=1);

namespace FineFrame\Light;

use FineFrame\FineFrameException;

/** Light that cannot be: a surface that gives back more than it gets, a room that swallows nothing. */
final class ImpossibleLight extends \DomainException implements FineFrameException
{
    public static function reflecting(float $share): self
    {
        return new self("A surface sends back a share from 0 to 1 of the light on it; $share is none.");
    }

    public static function unswallowed(): self
    {
        return new self('Nothing swallows the light: it would grow without end.');
    }

    public static function unmet(): self
    {
        return new self('A line from the source past the edge runs along the screen and never meets it.');
    }

    public static function negative(string $what): self
    {
        return new self("$what must be a number from 0 on.");
    }
}
