<?php

declare(strict_types=1);

namespace FineFrame\Scene;

/** Keeps for the next process what takes long to compute, by all that it depends on. It may forget anything at any time. */
interface Keep
{
    public function read(string $key): ?string;

    public function write(string $key, string $value): void;
}
