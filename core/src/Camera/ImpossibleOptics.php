<?php

declare(strict_types=1);

namespace FineFrame\Camera;

use FineFrame\FineFrameException;

final class ImpossibleOptics extends \DomainException implements FineFrameException
{
    public static function notPositive(string $what): self
    {
        return new self("$what must be more than zero.");
    }

    public static function insideFocalLength(): self
    {
        return new self('The subject is nearer than the focal length: no real image.');
    }
}
