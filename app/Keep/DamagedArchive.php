<?php

declare(strict_types=1);

namespace App\Keep;

/** A copy of everything that cannot be brought back as it is. */
final class DamagedArchive extends \RuntimeException
{
    public static function notOne(): self
    {
        return new self(__('access.wrong.copy'));
    }

    public static function at(string $what): self
    {
        return new self(__('access.wrong.damaged', ['what' => $what]));
    }
}
