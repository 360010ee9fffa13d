<?php

declare(strict_types=1);

namespace FineFrame\Sound;

use FineFrame\Document\Node;
use FineFrame\Document\Part;

final readonly class Pole implements Part
{
    /** @param  array<string, mixed>  $extra */
    private function __construct(public string $id, public string $name, public float $longestM, private array $extra)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id(), $node->text('name'), $node->metres('longest_m', 0.3, 8), $node->rest());
    }

    public function write(): array
    {
        return ['id' => $this->id, 'name' => $this->name, 'longest_m' => $this->longestM] + $this->extra;
    }
}
