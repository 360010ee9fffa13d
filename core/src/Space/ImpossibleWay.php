<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\FineFrameException;

/** A way over a floor that nobody can lay: from outside, from inside a piece, over a floor without an inside. */
final class ImpossibleWay extends \DomainException implements FineFrameException
{
    public static function floor(): self
    {
        return new self('A floor has three corners at least, and walls that do not cross.');
    }

    public static function outside(): self
    {
        return new self('An end of the way is outside the room.');
    }

    public static function inside(string $piece): self
    {
        return new self("An end of the way is inside $piece.");
    }

    public static function negative(string $what): self
    {
        return new self("$what must be a number from 0 on.");
    }

    public static function flat(string $what): self
    {
        return new self("The width of $what must be above 0.");
    }

    public static function exit(string $id): self
    {
        return new self("$id must lie on one wall.");
    }

    public static function noExit(): self
    {
        return new self('There is no way out to get to.');
    }
}
