<?php

declare(strict_types=1);

namespace FineFrame\Sound;

use FineFrame\FineFrameException;

final class ImpossibleSound extends \DomainException implements FineFrameException
{
    public static function atTheSource(): self
    {
        return new self('The microphone is where the sound comes from.');
    }

    public static function aimless(): self
    {
        return new self('A microphone with a pattern has to point somewhere.');
    }

    public static function outside(string $what): self
    {
        return new self("The $what is outside the room.");
    }

    public static function absorbs(): self
    {
        return new self('A surface takes between none and all of the sound.');
    }

    public static function without(string $what): self
    {
        return new self("A room needs $what more than zero.");
    }
}
