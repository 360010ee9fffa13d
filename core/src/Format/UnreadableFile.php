<?php

declare(strict_types=1);

namespace FineFrame\Format;

use FineFrame\FineFrameException;

final class UnreadableFile extends \DomainException implements FineFrameException
{
    public static function atLine(int $line, string $what): self
    {
        return new self("Line $line: $what");
    }

    public static function saying(string $sentence): self
    {
        return new self($sentence);
    }

    public static function without(string $what): self
    {
        return new self("The file holds no $what.");
    }
}
