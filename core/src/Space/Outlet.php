<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Document\Node;
use FineFrame\Document\Part;

/** A mains outlet on a wall, and the circuit it hangs on, as far as anybody knows. */
final readonly class Outlet implements Part
{
    /** @param  array<string, mixed>  $extra */
    private function __construct(
        public string $id,
        public string $name,
        public string $wall,
        public float $offsetM,
        public float $heightM,
        public int $sockets,
        public ?string $circuit,
        private array $extra,
    ) {
    }

    public static function read(Node $node): self
    {
        return new self(
            $node->id(),
            $node->text('name'),
            $node->id('wall'),
            $node->metres('offset_m', 0, 100, 0.0),
            $node->metres('height_m', 0, 20, 0.3),
            $node->whole('sockets', 1, 12, 2),
            $node->optionalId('circuit'),
            $node->rest(),
        );
    }

    public function write(): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'wall' => $this->wall,
            'offset_m' => $this->offsetM,
            'height_m' => $this->heightM,
            'sockets' => $this->sockets,
        ] + ($this->circuit === null ? [] : ['circuit' => $this->circuit]) + $this->extra;
    }
}
