<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Document\Node;
use FineFrame\Document\Part;

/** What the room is lined with, by the id of a material: floor, ceiling, walls at large, and walls that differ. */
final readonly class Surfaces implements Part
{
    /**
     * @param  array<string, string>  $byWall  material by wall
     * @param  array<string, mixed>  $extra
     */
    private function __construct(
        public string $floor,
        public string $ceiling,
        public string $walls,
        public array $byWall,
        private array $extra,
    ) {
    }

    public static function read(Node $node): self
    {
        return new self(
            $node->text('floor', '', 64),
            $node->text('ceiling', '', 64),
            $node->text('walls', '', 64),
            $node->texts('by_wall'),
            $node->rest(),
        );
    }

    /** Whether anybody has said what floor and walls are of. */
    public function isKnown(): bool
    {
        return $this->floor !== '' && $this->walls !== '';
    }

    public function of(string $wall): string
    {
        return $this->byWall[$wall] ?? $this->walls;
    }

    public function write(): array
    {
        return [
            'floor' => $this->floor,
            'ceiling' => $this->ceiling,
            'walls' => $this->walls,
            'by_wall' => (object) $this->byWall,
        ] + $this->extra;
    }
}
