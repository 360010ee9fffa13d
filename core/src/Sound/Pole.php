<?php

declare(strict_types=1);

namespace FineFrame\Sound;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Grip\Mount;
use FineFrame\Measure\Unit;

final readonly class Pole implements Part
{
    /**
     * @param  float|null  $kg  by itself; null where nobody has weighed it
     * @param  array<string, mixed>  $extra
     */
    private function __construct(
        public string $id,
        public string $name,
        public float $longestM,
        public ?float $kg,
        public Mount $mount,
        private array $extra,
    ) {
    }

    public static function read(Node $node): self
    {
        return new self(
            $node->id(),
            $node->text('name'),
            $node->metres('longest_m', 0.3, 8),
            $node->has('kg') ? $node->number('kg', 0, 50, Unit::Kilogram) : null,
            $node->choice('mount', Mount::class, Mount::Unsaid),
            $node->rest(),
        );
    }

    public function write(): array
    {
        return ['id' => $this->id, 'name' => $this->name, 'longest_m' => $this->longestM]
            + ($this->kg === null ? [] : ['kg' => $this->kg])
            + ($this->mount === Mount::Unsaid ? [] : ['mount' => $this->mount->value]) + $this->extra;
    }
}
