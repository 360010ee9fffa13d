<?php

declare(strict_types=1);

namespace FineFrame\Grip;

use FineFrame\Document\Node;
use FineFrame\Document\Part;

/** A tripod or stand: three legs of a radius, and the heights it can hold its load at. */
final readonly class Support implements Part
{
    /** @param  array<string, mixed>  $extra */
    private function __construct(public string $id, public string $name, public float $legRadiusM, public float $lowestM, public float $highestM, public SupportKind $kind, public float $railM, public bool $own, private array $extra)
    {
    }

    public static function read(Node $node): self
    {
        $lowest = $node->metres('lowest_m', 0, 10);
        $support = new self($node->id(), $node->text('name'), $node->metres('leg_radius_m', 0.02, 3), $lowest, $node->metres('highest_m', 0.05, 15), $node->choice('kind', SupportKind::class, SupportKind::Stand), $node->metres('rail_m', 0, 20, 0.0), $node->flag('own', false), $node->rest());
        $support->highestM >= $lowest ?: $node->wrong('highest_m', 'must not be below the lowest height');

        return $support;
    }

    public function write(): array
    {
        return ['id' => $this->id, 'name' => $this->name, 'leg_radius_m' => $this->legRadiusM, 'lowest_m' => $this->lowestM, 'highest_m' => $this->highestM, 'kind' => $this->kind->value, 'rail_m' => $this->railM, 'own' => $this->own] + $this->extra;
    }
}
