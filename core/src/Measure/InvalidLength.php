<?php

declare(strict_types=1);

namespace FineFrame\Measure;

use FineFrame\FineFrameException;

final class InvalidLength extends \InvalidArgumentException implements FineFrameException
{
    public static function unreadable(string $text): self
    {
        return new self(sprintf('“%s” is not a length. Type 3.2, 3.2 m, 320 cm, 10\'6" or 10ft 6 1/2in.', mb_substr($text, 0, 40)));
    }

    public static function notFinite(): self
    {
        return new self('A length must be a finite number.');
    }
}
