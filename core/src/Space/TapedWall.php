<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Measure\Quantity;

/** One wall as taped: its length and the turn at its end to the next, left positive. */
final readonly class TapedWall implements Part
{
    /** Said of a wall that nobody measured. */
    private const SKETCH = 'sketch';

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
        $wall = new self(
            $node->id(),
            $node->text('name'),
            $node->metres('length_m', 0.05, 100),
            $node->angle('turn_deg', -179, 179, 90),
            Instrument::tryFrom($node->oneOf('by', [...array_column(Instrument::cases(), 'value'), self::SKETCH])),
            $node->metres('rise_m', -50, 50, 0.0),
            $node->rest(),
        );
        // More than a half circle over its chord is another shape.
        if (abs($wall->riseM) > $wall->lengthM / 2) {
            $most = Quantity::metres($wall->lengthM / 2);
            $node->wrong('rise_m', 'must be between {min} and {max}', ['min' => Quantity::metres(-$wall->lengthM / 2), 'max' => $most]);
        }

        return $wall;
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
            'by' => $this->by->value ?? self::SKETCH,
        ] + ($this->riseM === 0.0 ? [] : ['rise_m' => $this->riseM]) + $this->extra;
    }
}
