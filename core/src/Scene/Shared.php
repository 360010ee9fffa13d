<?php

declare(strict_types=1);

namespace FineFrame\Scene;

/** What scenes share that differ only in what burns and what the sky is: what hides what. */
final class Shared
{
    /** @var array<string, float> the share of a lamp that a place sees, by both */
    private array $seen = [];

    /** @param  \Closure(): float  $look */
    public function seen(string $key, \Closure $look): float
    {
        return $this->seen[$key] ??= $look();
    }
}
