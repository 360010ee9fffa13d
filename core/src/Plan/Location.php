<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Space\Room;

/** A place: its measured room, and what stands in it. */
final readonly class Location implements Part
{
    /** @param  array<string, mixed>  $extra */
    private function __construct(public string $id, public string $name, public Room $space, private array $extra)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->id(), $node->text('name'), Room::read($node->object('space')), $node->rest());
    }

    public function write(): array
    {
        return ['id' => $this->id, 'name' => $this->name, 'space' => $this->space->write()] + $this->extra;
    }
}
