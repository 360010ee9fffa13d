<?php

declare(strict_types=1);

namespace FineFrame\Document;

/** Many of a kind: a list, or a map by name. */
final readonly class Entries implements Described
{
    private function __construct(public Described $each, public ?int $most)
    {
    }

    public static function counted(Described $each, int $most): self
    {
        return new self($each, $most);
    }

    public static function named(Described $each): self
    {
        return new self($each, null);
    }

    public function schema(bool $mayMiss): array
    {
        return $this->most === null
            ? ['type' => $mayMiss ? ['object', 'null'] : 'object', 'additionalProperties' => $this->each->schema(false)]
            : ['type' => $mayMiss ? ['array', 'null'] : 'array', 'maxItems' => $this->most, 'items' => $this->each->schema(false)];
    }
}
