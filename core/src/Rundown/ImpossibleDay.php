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

    public static function rate(string $rate): self
    {
        return new self("There is no rate called $rate.");
    }

    public static function label(string $label): self
    {
        return new self("No frame is called $label at this rate.");
    }

    public static function tempo(): self
    {
        return new self('A tempo is above 0.');
    }

    public static function bar(int $bar): self
    {
        return new self("There is no bar $bar, or no such beat in it.");
    }

    public static function overlap(string $song, string $next): self
    {
        return new self("$next begins before $song has ended.");
    }

    public static function lateStart(): self
    {
        return new self('A camera that nobody stands at rolls before the first song begins.');
    }

    public static function twice(string $name): self
    {
        return new self("$name is named twice.");
    }

    public static function nothingLeft(string $clip): self
    {
        return new self("Nothing of $clip is left between its in and its out.");
    }

    public static function tooMany(int $most): self
    {
        return new self("A list holds $most events.");
    }
}
