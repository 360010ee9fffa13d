<?php

declare(strict_types=1);

namespace FineFrame\Sound;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Measure\Unit;

/** A boom microphone by its size and the half-angle inside which it hears a voice evenly. */
final readonly class Microphone implements Part
{
    /** @param  array<string, mixed>  $extra */
    private function __construct(public string $id, public string $name, public float $lengthM, public float $diameterM, public float $acceptanceRad, public float $patternA, private array $extra)
    {
    }

    public static function read(Node $node): self
    {
        return new self(
            $node->id(),
            $node->text('name'),
            $node->metres('length_m', 0.02, 1),
            $node->metres('diameter_m', 0.005, 0.2),
            $node->angle('acceptance_deg', 5, 180, 45),
            $node->number('pattern_a', 0, 1, Unit::Ratio, 0.25),
            $node->rest(),
        );
    }

    public function pickup(): Pickup
    {
        return new Pickup($this->patternA);
    }

    public function write(): array
    {
        return [
            'id' => $this->id, 'name' => $this->name, 'length_m' => $this->lengthM, 'diameter_m' => $this->diameterM,
            'acceptance_deg' => round(rad2deg($this->acceptanceRad), 9), 'pattern_a' => $this->patternA,
        ] + $this->extra;
    }
}
