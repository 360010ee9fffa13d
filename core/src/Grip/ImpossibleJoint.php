<?php

declare(strict_types=1);

namespace FineFrame\Grip;

use FineFrame\FineFrameException;

/** Parts that cannot be: lighter than nothing, fewer than none, a jaw that opens less than it closes. */
final class ImpossibleJoint extends \DomainException implements FineFrameException
{
    public static function negative(string $what): self
    {
        return new self("$what must be numbers from 0 on.");
    }

    public static function offersNothing(string $kind): self
    {
        return new self("$kind offers no place.");
    }

    public static function span(string $kind): self
    {
        return new self("$kind spans from less to more, not the other way.");
    }

    public static function twice(string $id): self
    {
        return new self("$id is named twice.");
    }

    public static function unknown(string $id): self
    {
        return new self("$id is not among the parts and places.");
    }
}
