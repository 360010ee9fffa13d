<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Measure\Quantity;

/** A room behind an opening of another, taped on its own: what joins them is the one opening that both have. */
final readonly class JoinedRoom implements Part
{
    /**
     * @param  string  $through  the opening of the room before, by id
     * @param  string  $wall  the wall of this room that the opening is in
     * @param  float  $offsetM  from the corner where that wall begins to the opening, metres
     * @param  array<string, mixed>  $extra
     */
    private function __construct(
        public string $id,
        public string $name,
        public string $through,
        public string $wall,
        public float $offsetM,
        public Room $space,
        private array $extra,
    ) {
    }

    public static function read(Node $node): self
    {
        $joined = new self(
            $node->id(),
            $node->text('name'),
            $node->id('through'),
            $node->id('wall'),
            $node->metres('offset_m', 0, 100),
            Room::read($node->object('space')),
            $node->rest(),
        );
        if ($joined->space->wall($joined->wall) === null) {
            $node->wrong('wall', 'is not a wall of this room');
        }

        return $joined;
    }

    /** Whether an opening of the room before fits into the wall that it leads through. */
    public function judge(Node $node, int $index, ?Opening $opening): void
    {
        $wall = $this->space->wall($this->wall);
        match (true) {
            $opening === null => $node->wrong("rooms/$index/through", 'is not an opening of the room before it'),
            $wall !== null
                && $this->offsetM + $opening->widthM > $wall->line->length() + 0.01 => $node->wrong(
                    "rooms/$index/offset_m",
                    'puts the opening past the end of {wall}, which is {length} long',
                    ['wall' => $wall->name, 'length' => Quantity::metres($wall->line->length())],
                ),
            default => null,
        };
    }

    /** @param  array<string, Curtain>  $curtains  by opening */
    public function curtained(array $curtains): self
    {
        $space = $this->space->curtained($curtains);

        return new self($this->id, $this->name, $this->through, $this->wall, $this->offsetM, $space, $this->extra);
    }

    public function write(): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'through' => $this->through,
            'wall' => $this->wall,
            'offset_m' => $this->offsetM,
            'space' => $this->space->write(),
        ] + $this->extra;
    }
}
