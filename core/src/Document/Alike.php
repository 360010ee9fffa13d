<?php

declare(strict_types=1);

namespace FineFrame\Document;

/** The same fields as something around it has: rooms behind rooms. */
final readonly class Alike implements Described
{
    /** @param  string  $pointer  where they are described, in the schema */
    public function __construct(public string $pointer)
    {
    }

    public function schema(bool $mayMiss): array
    {
        return ['$ref' => $this->pointer];
    }
}
