<?php

declare(strict_types=1);

namespace FineFrame\Document;

/** Collects what is wrong while a document is read, so that one reading names everything. */
final class Problems
{
    /** @var list<Problem> */
    private array $found = [];

    public function add(Problem $problem): void
    {
        $this->found[] = $problem;
    }

    /** @return list<Problem> */
    public function all(): array
    {
        return $this->found;
    }

    public function any(): bool
    {
        return $this->found !== [];
    }

    /** @throws InvalidDocument if anything was found */
    public function raise(): void
    {
        if ($this->found !== []) {
            throw InvalidDocument::because($this->found);
        }
    }
}
