<?php

declare(strict_types=1);

namespace FineFrame\Tests\Reference;

/** Answers published or independently computed cases from the core, one topic a class. */
interface Topic
{
    /**
     * @param  array<string, mixed>  $inputs
     * @return array<string, mixed>|null the computed values by the case's own names; null when this kind is not built
     */
    public function answer(string $kind, array $inputs): ?array;
}
