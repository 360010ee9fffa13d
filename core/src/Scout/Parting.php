<?php

declare(strict_types=1);

namespace FineFrame\Scout;

/** How loads were parted over circuits, or why they could not be. */
final readonly class Parting
{
    /** @param  array<string, list<string>>|null  $on  loads by circuit; null where no way was found */
    private function __construct(
        public ?array $on,
        public bool $isOpen = false,
        public string $tooLarge = '',
        public float $tooLargeW = 0.0,
    ) {
    }

    /** @param  array<string, list<string>>  $on */
    public static function on(array $on): self
    {
        return new self(array_filter($on));
    }

    /** No way of parting them is under the breakers. */
    public static function none(): self
    {
        return new self(null);
    }

    /** So many ways that not all were tried. */
    public static function open(): self
    {
        return new self(null, true);
    }

    public static function tooLarge(string $load, float $watts): self
    {
        return new self(null, false, $load, $watts);
    }

    /** "key and fill on the bench sockets; back on the lathe" */
    public function told(): string
    {
        $parts = [];
        foreach ($this->on ?? [] as $circuit => $loads) {
            $parts[] = implode(' and ', array_filter([implode(', ', array_slice($loads, 0, -1)), end($loads)]))." on $circuit";
        }

        return implode('; ', $parts);
    }
}
