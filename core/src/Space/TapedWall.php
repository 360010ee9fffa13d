<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Document\Node;
use FineFrame\Document\Part;

/** One wall as taped: its length and the turn at its end to the next, left positive. */
final readonly class TapedWall implements Part
{
    /** @param  array<string, mixed>  $extra */
    private function __construct(
        public string $id,
        public string $name,
        public float $lengthM,
        public float $turnRad,
        public ?Instrument $by,
        public float $riseM,
        private array $extra,
    ) {
    }

    public static function read(Node $node): self
    {
        return new self(
            $node->id(),
            $node->text('name'),
            $length = $node->metres('length_m', 0.05, 100),
            $node->angle('turn_deg', -179, 179, 90),
            $node->text('by', Instrument::Tape->value) === 'sketch' ? null : $node->choice('by', Instrument::class, Instrument::Tape),
            $node->metres('rise_m', -$length / 2, $length / 2, 0.0),
            $node->rest(),
        );
    }

    /** Whether anybody measured it; a sketched wall only says which way the room goes. */
    public function isTaped(): bool
    {
        return $this->by !== null;
    }

    public function write(): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'length_m' => $this->lengthM,
            'turn_deg' => round(rad2deg($this->turnRad), 9),
            'by' => $this->by->value ?? 'sketch',
        ] + ($this->riseM === 0.0 ? [] : ['rise_m' => $this->riseM]) + $this->extra;
    }
}
