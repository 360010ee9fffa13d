<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Geometry\Segment;

/** A flat piece of a wall: from the floor to the ceiling, or less where something is left open. */
final readonly class Panel
{
    /** @param  float|null  $topM  the ceiling when null */
    public function __construct(public Room $room, public Wall $wall, public float $baseM, public ?float $topM)
    {
    }

    public function isWhole(): bool
    {
        return $this->baseM <= 0.0 && $this->topM === null;
    }

    /** Whether nobody and nothing gets through where it stands; over and under a way through something does. */
    public function stops(): bool
    {
        return $this->isWhole() || str_contains($this->wall->id, Joint::JAMB);
    }

    /** @return list<self> what is left of it around an opening that lies along a part of it; itself where it does not */
    public function around(Segment $line, Opening $opening): array
    {
        $along = $this->wall->line->direction();
        [$from, $to, $length] = [
            $along->dot($line->from->minus($this->wall->line->from)),
            $along->dot($line->to->minus($this->wall->line->from)),
            $this->wall->line->length(),
        ];
        if ($to < 0.001 || $from > $length - 0.001) {
            return [$this];
        }
        [$from, $to] = [max(0.0, $from), min($length, $to)];
        $part = fn (float $a, float $b, float $base = 0.0, ?float $top = null): self => new self(
            $this->room,
            new Wall($this->wall->id, $this->wall->name, $this->wall->part($a, $b - $a)),
            $base,
            $top,
        );

        return [
            ...($from > 0.001 ? [$part(0.0, $from)] : []),
            ...($opening->sillM > 0.001 ? [$part($from, $to, 0.0, $opening->sillM)] : []),
            $part($from, $to, $opening->headM),
            ...($to < $length - 0.001 ? [$part($to, $length)] : []),
        ];
    }
}
