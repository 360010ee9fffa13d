<?php

declare(strict_types=1);

namespace FineFrame\Document;

/** A part of a document that can be written back as it was read. */
interface Part
{
    /** @return array<string, mixed> */
    public function write(): array;
}
