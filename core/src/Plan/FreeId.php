<?php

declare(strict_types=1);

namespace FineFrame\Plan;

/** An id that nothing has yet. */
final class FreeId
{
    /** @param  array<mixed>  $taken */
    public static function of(string $stem, array $taken): string
    {
        for ($n = 1; in_array("$stem-$n", $taken, true); $n++);

        return "$stem-$n";
    }
}
