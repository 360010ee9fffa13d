<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Shoot;
use FineFrame\Plan\Edit;

/** Somebody changed the plan after this edit's page was made. Carries both, so that neither is lost. */
final class StalePlan extends \RuntimeException
{
    /** @param  int  $version  what the edit was made from */
    private function __construct(
        public readonly Shoot $shoot,
        public readonly int $version,
        public readonly ?Edit $edit,
        public readonly string $words,
    ) {
        parent::__construct('The plan has changed since you opened this page.');
    }

    public static function meanwhile(Shoot $shoot, int $version, ?Edit $edit, string $words): self
    {
        return new self($shoot, $version, $edit, $words);
    }
}
