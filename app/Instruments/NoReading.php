<?php

declare(strict_types=1);

namespace App\Instruments;

final class NoReading extends \RuntimeException
{
    public static function outOfRange(string $instrument, string $range): self
    {
        return new self(ucfirst($instrument)." shows nothing: outside its range of $range. Read it another way, or type it.");
    }

    public static function noReturn(): self
    {
        return new self('No laser return: glass or a dark corner. Hold a card there and measure again.');
    }

    public static function notServed(): self
    {
        return new self('No instrument reads this field.');
    }

    public static function unplaced(): self
    {
        return new self('Choose both ends first.');
    }
}
