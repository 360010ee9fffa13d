<?php

declare(strict_types=1);

namespace FineFrame\Scene;

/** What scenes share that differ only in what burns and what the sky is: what hides what, and how the room's surfaces see one another. */
final class Shared
{
    /** @var array<string, float> the share of a lamp that a place sees, by both */
    private array $seen = [];

    /** @var list<list<float>>|null */
    private ?array $exchange = null;

    /** @param  \Closure(): float  $look */
    public function seen(string $key, \Closure $look): float
    {
        return $this->seen[$key] ??= $look();
    }

    /**
     * @param  \Closure(): list<list<float>>  $compute
     * @return list<list<float>>
     */
    public function exchange(\Closure $compute): array
    {
        return $this->exchange ??= $compute();
    }
}
