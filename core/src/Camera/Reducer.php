<?php

declare(strict_types=1);

namespace FineFrame\Camera;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Measure\Unit;

/** A focal reducer (factor below 1) or converter (above): it multiplies focal length and T-stop alike. */
final readonly class Reducer implements Part
{
    /** @param  array<string, mixed>  $extra */
    private function __construct(public string $id, public string $name, public float $factor, private array $extra)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id(), $node->text('name'), $node->number('factor', 0.4, 3, Unit::Ratio), $node->rest());
    }

    public function write(): array
    {
        return ['id' => $this->id, 'name' => $this->name, 'factor' => $this->factor] + $this->extra;
    }
}
