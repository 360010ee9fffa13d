<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Document\Node;
use FineFrame\Document\Part;

/** A distance between two points; a corner is named by the wall that begins there, a built thing by its id. */
final readonly class Tie implements Part
{
    /** @param  array<string, mixed>  $extra */
    private function __construct(
        public string $id,
        public string $from,
        public string $to,
        public float $lengthM,
        public Instrument $by,
        public bool $leftOut,
        private array $extra,
    ) {
    }

    public static function read(Node $node): self
    {
        return new self(
            $node->id(),
            $node->id('from'),
            $node->id('to'),
            $node->metres('length_m', 0.05, 200),
            $node->choice('by', Instrument::class, Instrument::Tape),
            $node->flag('left_out', false),
            $node->rest(),
        );
    }

    public function write(): array
    {
        return [
            'id' => $this->id, 'from' => $this->from, 'to' => $this->to, 'length_m' => $this->lengthM, 'by' => $this->by->value,
        ] + ($this->leftOut ? ['left_out' => true] : []) + $this->extra;
    }
}
