<?php

declare(strict_types=1);

namespace FineFrame\Document;

final class Parts
{
    /**
     * @param  array<Part>  $parts
     * @return list<array<string, mixed>>
     */
    public static function written(array $parts): array
    {
        return array_values(array_map(static fn (Part $part): array => $part->write(), $parts));
    }
}
