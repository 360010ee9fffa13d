<?php

declare(strict_types=1);

namespace FineFrame\Wrap;

use FineFrame\FineFrameException;

/** A checksum list that cannot be relied on. It is refused whole. */
final class UnreadableSums extends \RuntimeException implements FineFrameException
{
    public static function algorithm(string $name): self
    {
        return new self("“{$name}” is none of sha256, md5 and xxh64.");
    }

    public static function atLine(int $line): self
    {
        return new self("Line $line is no entry: a sum, two blanks and a name are wanted, or a tag with the name in brackets.");
    }

    public static function twice(int $line, string $name): self
    {
        return new self("Line $line gives {$name} another sum than before.");
    }

    public static function none(): self
    {
        return new self('There is no sum in the list.');
    }
}
