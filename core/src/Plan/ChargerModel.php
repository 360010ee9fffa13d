<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Measure\Unit;

/** A charger by its slots, what arrives in a pack in each, and the plate it takes. */
final readonly class ChargerModel implements Part
{
    /** @param  array<string, mixed>  $extra */
    private function __construct(
        public string $id,
        public string $name,
        public string $plate,
        public int $slots,
        public float $watts,
        private array $extra,
    ) {
    }

    public static function read(Node $node): self
    {
        return new self(
            $node->id(),
            $node->text('name'),
            $node->text('plate', '', 40),
            $node->whole('slots', 1, 24, 1),
            $node->number('watts', 0.5, 2000, Unit::Watt),
            $node->rest(),
        );
    }

    public function write(): array
    {
        return [
            'id' => $this->id, 'name' => $this->name, 'plate' => $this->plate, 'slots' => $this->slots, 'watts' => $this->watts,
        ] + $this->extra;
    }
}
