<?php

declare(strict_types=1);

namespace FineFrame\Grip;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Measure\Unit;

/**
 * What holds a camera, a lamp or a pole: legs of a radius where it stands, the heights it can hold its load at, a slider's
 * rail, and how far an overhead arm carries its load from its own legs.
 */
final readonly class Support implements Part
{
    /**
     * @param  float|null  $kg  its own; null where nobody has weighed it
     * @param  float|null  $carriesKg  by its maker’s rating; null where nobody has typed it in
     * @param  array<string, mixed>  $extra
     */
    private function __construct(
        public string $id,
        public string $name,
        public float $legRadiusM,
        public float $lowestM,
        public float $highestM,
        public SupportKind $kind,
        public float $railM,
        public float $reachM,
        public ?float $kg,
        public ?float $carriesKg,
        public Mount $offers,
        private array $extra,
    ) {
    }

    public static function read(Node $node): self
    {
        $lowest = $node->metres('lowest_m', 0, 10);
        $support = new self(
            $node->id(),
            $node->text('name'),
            $node->metres('leg_radius_m', 0.02, 3),
            $lowest,
            $node->metres('highest_m', 0.05, 15),
            $node->choice('kind', SupportKind::class, SupportKind::Stand),
            $node->metres('rail_m', 0, 20, 0.0),
            $node->metres('reach_m', 0, 6, 0.0),
            $node->has('kg') ? $node->number('kg', 0, 500, Unit::Kilogram) : null,
            $node->has('carries_kg') ? $node->number('carries_kg', 0, 1000, Unit::Kilogram) : null,
            $node->choice('offers', Mount::class, Mount::Unsaid),
            $node->rest(),
        );
        if ($support->highestM < $lowest) {
            $node->wrong('highest_m', 'must not be below the lowest height');
        }

        return $support;
    }

    /** An arm whose reach nobody has written down, metres. */
    private const ARM_M = 1.2;

    /** How far its legs stand from under its load. */
    public function asideM(): float
    {
        return $this->kind === SupportKind::Arm ? ($this->reachM ?: self::ARM_M) : 0.0;
    }

    /** Whether its maker’s rating allows a weight; what nobody has weighed or rated is not held against it. */
    public function carries(?float $kg): bool
    {
        return $kg === null || $this->carriesKg === null || $kg <= $this->carriesKg + 1e-9;
    }

    public function write(): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'leg_radius_m' => $this->legRadiusM,
            'lowest_m' => $this->lowestM,
            'highest_m' => $this->highestM,
            'kind' => $this->kind->value,
            'rail_m' => $this->railM,
        ] + ($this->reachM > 0 ? ['reach_m' => $this->reachM] : [])
            + ($this->kg === null ? [] : ['kg' => $this->kg])
            + ($this->carriesKg === null ? [] : ['carries_kg' => $this->carriesKg])
            + ($this->offers === Mount::Unsaid ? [] : ['offers' => $this->offers->value])
            + $this->extra;
    }
}
