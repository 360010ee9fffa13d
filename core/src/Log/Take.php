<?php

declare(strict_types=1);

namespace FineFrame\Log;

/** A take as it was marked. */
final class Take
{
    public ?float $startMs = null;

    public ?float $endMs = null;

    public ?string $best = null;

    /** @var list<string> in byte order */
    public array $flags = [];

    /** @var list<array{flag: string, atMs: float}> each time it was put on, in order */
    public array $marks = [];

    /** @param  bool  $hasStart  whether it has one anywhere: then only what comes after ends it */
    public function __construct(public readonly string $name, private readonly bool $hasStart)
    {
    }

    /** Whether it counts: the first does. */
    public function start(float $ms): bool
    {
        $counts = $this->startMs === null;
        $this->startMs ??= $ms;

        return $counts;
    }

    /** Whether it counts. */
    public function end(float $ms): bool
    {
        if ($this->endMs !== null || ($this->hasStart && $this->startMs === null)) {
            return false;
        }
        $this->endMs = $ms;

        return true;
    }

    public function flag(string $flag, float $ms): void
    {
        $this->marks[] = ['flag' => $flag, 'atMs' => $ms];
        $this->flags = array_values(array_unique([...$this->flags, $flag]));
        sort($this->flags, SORT_STRING);
    }
}
