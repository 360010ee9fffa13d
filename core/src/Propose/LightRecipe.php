<?php

declare(strict_types=1);

namespace FineFrame\Propose;

/** A way of lighting a face, before it is placed: from which side, by what, and what fills, cuts and parts. */
final readonly class LightRecipe
{
    /**
     * @param  int  $side  1: the side of the face away from A, −1: A's side, 0: either
     * @param  list<array{string, list<string>}>  $keys  fixtures with what goes before them, to choose among; none where daylight is the
     *     key
     * @param  'none'|'board'|'black'|'lamp'  $fill
     * @param  array{string, list<string>}|null  $edge
     * @param  array{string, list<string>}|null  $behind  for what is behind them
     */
    public function __construct(
        public string $name,
        public int $side,
        public array $keys,
        public string $fill,
        public ?array $edge,
        public ?array $behind = null,
    ) {
    }

    /** The same from the other side. */
    public function turned(): self
    {
        return new self($this->name, -$this->side, $this->keys, $this->fill, $this->edge, $this->behind);
    }
}
