<?php

declare(strict_types=1);

namespace FineFrame\Power;

use FineFrame\FineFrameException;

/** Power that cannot be: a negative load, a breaker without amperes, a circuit that nobody has drawn. */
final class ImpossiblePower extends \DomainException implements FineFrameException
{
    public static function negative(string $what): self
    {
        return new self("$what must be a number from 0 on.");
    }

    public static function none(string $what): self
    {
        return new self("$what must be a number above 0.");
    }

    public static function share(string $what): self
    {
        return new self("$what must lie above 0 and be 1 at most.");
    }

    public static function backwards(): self
    {
        return new self('What is on is on from earlier to later.');
    }

    public static function unknown(string $breaker): self
    {
        return new self("There is no breaker called $breaker.");
    }

    public static function twice(string $id): self
    {
        return new self("$id is there twice.");
    }

    public static function unreached(string $load, string $breaker): self
    {
        return new self("Nobody has said how far it is from $load to $breaker.");
    }

    public static function noBreaker(): self
    {
        return new self('There is no breaker to put a load on.');
    }
}
