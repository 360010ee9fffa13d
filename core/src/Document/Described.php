<?php

declare(strict_types=1);

namespace FineFrame\Document;

/** What may stand at a key of the document. */
interface Described
{
    /**
     * @param  bool  $mayMiss  whether the key may be left out, or be null
     * @return array<string, mixed> as JSON Schema (2020-12) writes it
     */
    public function schema(bool $mayMiss): array;
}
