<?php

declare(strict_types=1);

namespace FineFrame\Light;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Measure\Unit;

/** Something that is put before a lamp: what it lets through or gives back, its size, and how it colours the light. */
final readonly class Modifier implements Part
{
    /**
     * @param  float  $aheadM  how far before what it is put to
     * @param  float  $passes  the share of light that it lets through or, a board, gives back
     * @param  float  $mired  shift towards warm
     * @param  float  $duv  shift towards green
     * @param  float  $angleDeg  full width of what a grid or doors leave, or of a beam at half of its middle
     * @param  int  $stands  more than the lamp's own
     * @param  array<string, mixed>  $extra
     */
    private function __construct(
        public string $id,
        public string $name,
        public ModifierKind $kind,
        public float $widthM,
        public float $heightM,
        public float $aheadM,
        public float $passes,
        public float $mired,
        public float $duv,
        public float $angleDeg,
        public int $stands,
        public ?float $kg,
        private array $extra,
    ) {
    }

    public static function read(Node $node): self
    {
        return new self(
            $node->id(),
            $node->text('name'),
            $node->choice('kind', ModifierKind::class),
            $node->metres('width_m', 0.02, 12, 0.3),
            $node->metres('height_m', 0.02, 12, 0.3),
            $node->metres('ahead_m', 0, 10, 0),
            $node->number('passes', 0.001, 1, Unit::Share, 1.0),
            $node->number('mired', -500, 500, Unit::Mired, 0.0),
            $node->number('duv', -0.1, 0.1, Unit::Duv, 0.0),
            $node->number('angle_deg', 2, 180, Unit::Degree, 90.0),
            $node->whole('stands', 0, 8, 0),
            $node->has('kg') ? $node->number('kg', 0, 200, Unit::Kilogram) : null,
            $node->rest(),
        );
    }

    public function write(): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'kind' => $this->kind->value,
            'width_m' => $this->widthM,
            'height_m' => $this->heightM,
            'ahead_m' => $this->aheadM,
            'passes' => $this->passes,
            'mired' => $this->mired, 'duv' => $this->duv, 'angle_deg' => $this->angleDeg, 'stands' => $this->stands,
        ] + ($this->kg === null ? [] : ['kg' => $this->kg]) + $this->extra;
    }
}
