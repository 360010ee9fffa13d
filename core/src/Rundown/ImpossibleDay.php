<?php

declare(strict_types=1);

namespace FineFrame\Rundown;

use FineFrame\FineFrameException;

/** A day that nobody could have: a task shorter than nothing, one that waits for itself, for one that is not there. */
final class ImpossibleDay extends \DomainException implements FineFrameException
{
    public static function negative(string $task): self
    {
        return new self("$task takes and needs numbers from 0 on.");
    }

    public static function unknown(string $task): self
    {
        return new self("$task is waited for, and is not there.");
    }

    public static function circle(): self
    {
        return new self('Tasks wait for each other in a circle.');
    }
}
