<?php

declare(strict_types=1);

namespace App\View;

use FineFrame\Judge\Mounted;
use FineFrame\Judge\Situation;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;

/** What each lamp is on: how heavy, how high, how far off its legs, with what on them. */
final readonly class GripDesk
{
    public function __construct(private Situation $situation, private Reader $reader)
    {
    }

    /** @return list<array{id: string, name: string, on: string, height: string, weight: string, rating: string, arm: string, ballast: string}> */
    public function mounts(): array
    {
        $kg = fn (?float $v): string => $v === null ? 'not weighed' : $this->reader->print(Quantity::of($v, Unit::Kilogram));

        return array_map(fn (Mounted $m): array => [
            'id' => $m->id,
            'name' => $this->situation->name($m->id),
            'on' => $m->on->name,
            'height' => $this->reader->metres($m->at->z),
            'weight' => $kg($m->kg),
            'rating' => $m->on->carriesKg === null ? 'not typed in' : $kg($m->on->carriesKg),
            'arm' => match (true) {
                $m->offsetM > 0.0 => $this->reader->metres($m->offsetM),
                $m->on->kind->stands() => 'over its legs',
                default => $m->on->kind->value,
            },
            'ballast' => $m->ballastKg > 0.0 ? $kg($m->ballastKg) : 'none',
        ], Mounted::allOf($this->situation));
    }
}
