<?php

declare(strict_types=1);

namespace FineFrame\Document;

use FineFrame\FineFrameException;

/** Carries every problem found, not the first alone. */
final class InvalidDocument extends \InvalidArgumentException implements FineFrameException
{
    /** @param  non-empty-list<Problem>  $problems */
    private function __construct(public readonly array $problems)
    {
        parent::__construct(implode("\n", array_map(
            static fn (Problem $p): string => ($p->pointer === '' ? '' : $p->pointer.': ').$p->sentence(),
            $problems,
        )));
    }

    /** @param  non-empty-list<Problem>  $problems */
    public static function because(array $problems): self
    {
        return new self($problems);
    }

    public static function at(string $pointer, string $template): self
    {
        return new self([new Problem($pointer, $template)]);
    }
}
