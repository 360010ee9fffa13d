<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Measure\Unit;

/** A battery pack by what it holds and the plate it fits. */
final readonly class PackModel implements Part
{
    /** @param  array<string, mixed>  $extra */
    private function __construct(public string $id, public string $name, public string $plate, public float $wh, private array $extra)
    {
    }

    public static function read(Node $node): self
    {
        return new self(
            $node->id(), $node->text('name'), $node->text('plate', '', 40), $node->number('wh', 0.5, 5000, Unit::Count), $node->rest(),
        );
    }

    public function write(): array
    {
        return ['id' => $this->id, 'name' => $this->name, 'plate' => $this->plate, 'wh' => $this->wh] + $this->extra;
    }
}
