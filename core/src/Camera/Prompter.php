<?php

declare(strict_types=1);

namespace FineFrame\Camera;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Measure\Unit;

/** A half-mirror before the lens with its hood: what is read from it, and what it takes up around the lens. */
final readonly class Prompter implements Part
{
    /**
     * Letters that can be read without effort fill this much of the eye's view, radians: 20 minutes of arc (ISO 9241-303 asks 20 to 22).
     */
    private const LEGIBLE_RAD = 20 * M_PI / 180 / 60;

    /**
     * @param  float  $widthM  the hood across
     * @param  float  $upM  its top over the lens's axis
     * @param  float  $downM  its bottom under the lens's axis
     * @param  float  $depthM  how far it reaches before the lens's front
     * @param  float  $letterMm  the height of its capital letters
     * @param  array<string, mixed>  $extra
     */
    private function __construct(
        public string $id,
        public string $name,
        public float $widthM,
        public float $upM,
        public float $downM,
        public float $depthM,
        public float $letterMm,
        private array $extra,
    ) {
    }

    public static function read(Node $node): self
    {
        return new self(
            $node->id(),
            $node->text('name'),
            $node->metres('width_m', 0.05, 1.5, 0.35),
            $node->metres('up_m', 0.02, 1, 0.16),
            $node->metres('down_m', 0.02, 1, 0.2),
            $node->metres('depth_m', 0.05, 1.5, 0.35),
            $node->number('letter_mm', 2, 100, Unit::Millimetre, 14.0), $node->rest(),
        );
    }

    public function write(): array
    {
        return [
            'id' => $this->id, 'name' => $this->name, 'width_m' => $this->widthM, 'up_m' => $this->upM,
            'down_m' => $this->downM, 'depth_m' => $this->depthM, 'letter_mm' => $this->letterMm,
        ] + $this->extra;
    }

    /** The farthest that its letters are read from with ease, metres. */
    public function readFromM(): float
    {
        return $this->letterMm / 1000 / self::LEGIBLE_RAD;
    }
}
