<?php

declare(strict_types=1);

namespace FineFrame\Wrap;

/** What is on a card or a drive, and the sums that were made of it. */
final readonly class Volume
{
    /**
     * @param  string  $drive  what it is on; empty for a card
     * @param  array<string, int>  $bytes  by file name
     * @param  array<string, string>  $sums  by file name; those of files that are not there count for nothing
     */
    public function __construct(public string $id, public string $drive, public array $bytes, public array $sums)
    {
    }

    /** @param  list<string>  $names  whole names that nobody asks for */
    public function without(array $names): self
    {
        $bytes = array_diff_key($this->bytes, array_flip($names));

        return new self($this->id, $this->drive, $bytes, array_intersect_key($this->sums, $bytes));
    }

    /** @return array<string, Verdict> by name in byte order: each file of the card, and what is here besides */
    public function against(self $card): array
    {
        $verdicts = [];
        foreach ($card->bytes + $this->bytes as $name => $bytes) {
            $name = (string) $name;
            $verdicts[$name] = match (true) {
                ! isset($this->bytes[$name]) => Verdict::Missing,
                ! isset($card->bytes[$name]) => Verdict::Extra,
                $this->bytes[$name] !== $bytes => Verdict::Size,
                ! isset($this->sums[$name], $card->sums[$name]) => Verdict::Unknown,
                $this->sums[$name] !== $card->sums[$name] => Verdict::Differs,
                default => Verdict::Same,
            };
        }
        ksort($verdicts, SORT_STRING);

        return $verdicts;
    }

    /** Whether every file of the card is here, the same; what is here besides does no harm. */
    public function isGoodCopyOf(self $card): bool
    {
        $of = array_intersect_key($this->against($card), $card->bytes);

        return array_filter($of, static fn (Verdict $v): bool => $v !== Verdict::Same) === [];
    }

    /**
     * Whether a card may be cleared: it has something on it, and good copies of it are on two drives at least.
     *
     * @param  list<self>  $copies
     */
    public function mayBeCleared(array $copies): bool
    {
        $good = array_filter($copies, fn (self $copy): bool => $copy->isGoodCopyOf($this));

        return $this->bytes !== [] && count(array_unique(array_map(static fn (self $c): string => $c->drive, $good))) >= 2;
    }
}
