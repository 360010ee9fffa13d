<?php

declare(strict_types=1);

namespace FineFrame\Log;

use FineFrame\FineFrameException;

/** A mark that says too little, or says two things under one name. */
final class UnreadableMark extends \DomainException implements FineFrameException
{
    public static function without(string $what): self
    {
        return new self("A mark needs $what.");
    }

    public static function twice(string $id): self
    {
        return new self("The mark $id was written twice, and not alike.");
    }

    public static function counted(string $device, int $n): self
    {
        return new self("Two marks of $device are number $n.");
    }
}
