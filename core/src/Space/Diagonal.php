<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Document\Node;
use FineFrame\Document\Part;

/** A taped distance between two corners; a corner is named by the wall that begins there. */
final readonly class Diagonal implements Part
{
    /** @param  array<string, mixed>  $extra */
    private function __construct(public string $from, public string $to, public float $lengthM, private array $extra)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id('from'), $node->id('to'), $node->metres('length_m', 0.05, 200), $node->rest());
    }

    public function write(): array
    {
        return ['from' => $this->from, 'to' => $this->to, 'length_m' => $this->lengthM] + $this->extra;
    }
}
