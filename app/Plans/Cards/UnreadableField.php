<?php

declare(strict_types=1);

namespace App\Plans\Cards;

final class UnreadableField extends \InvalidArgumentException
{
    public static function number(string $typed): self
    {
        return new self(sprintf('“%s” is not a number.', mb_substr($typed, 0, 40)));
    }
}
