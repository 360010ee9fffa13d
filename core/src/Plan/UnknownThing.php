<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\FineFrameException;

final class UnknownThing extends \OutOfBoundsException implements FineFrameException
{
    public static function called(string $kind, string $id): self
    {
        return new self(sprintf('There is no %s “%s” in this plan.', $kind, mb_substr($id, 0, 64)));
    }
}
