<?php

declare(strict_types=1);

namespace FineFrame\Pack;

use FineFrame\FineFrameException;

/** Things and cases that there cannot be: without a size, named twice, with nobody to carry them. */
final class ImpossiblePack extends \DomainException implements FineFrameException
{
    public static function size(string $id): self
    {
        return new self("$id wants sizes and a limit above 0.");
    }

    public static function twice(string $id): self
    {
        return new self("$id is named twice.");
    }

    public static function nobody(): self
    {
        return new self('There is nobody to carry the cases.');
    }

    public static function carrier(): self
    {
        return new self('Limits and speed are above 0, distances from 0 on.');
    }
}
