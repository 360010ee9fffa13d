<?php

declare(strict_types=1);

namespace FineFrame\Light;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Grip\Mount;
use FineFrame\Measure\Unit;

/**
 * A lamp by its face and the lux it gives one metre ahead at full power: soft and even, by the intensities that its maker measured, or a
 * projector by its throw.
 */
final readonly class Fixture implements Part
{
    /** @param  array<string, mixed>  $extra */
    private function __construct(
        public string $id,
        public string $name,
        public float $widthM,
        public float $heightM,
        public float $depthM,
        public float $luxAt1m,
        public float $lowestDim,
        public float $watts,
        public bool $hot,
        public bool $battery,
        public ?PhotometricWeb $web,
        public ?Projection $projection,
        public ?float $kg,
        public Mount $mount,
        public string $plate,
        private array $extra,
    ) {
    }

    public static function read(Node $node): self
    {
        return new self(
            $node->id(),
            $node->text('name'),
            $node->metres('width_m', 0.02, 6),
            $node->metres('height_m', 0.02, 6),
            $node->metres('depth_m', 0.01, 3, 0.3),
            $node->number('lux_at_1m', 1, 1e6, Unit::Lux),
            $node->number('lowest_dim', 0, 1, Unit::Share, 0.01),
            $node->number('watts', 0, 20_000, Unit::Watt, 0.0),
            $node->flag('hot', false),
            $node->flag('battery', false),
            $node->has('web') ? PhotometricWeb::read($node->object('web')) : null,
            $node->has('throw')
                ? new Projection($node->number('throw', 0.2, 10, Unit::Count), $node->number('picture_ratio', 0.5, 4, Unit::Count, 16 / 9))
                : null,
            $node->has('kg') ? $node->number('kg', 0, 500, Unit::Kilogram) : null,
            $node->choice('mount', Mount::class, Mount::Unsaid),
            $node->text('plate', '', 40),
            $node->rest(),
        );
    }

    public function write(): array
    {
        return [
            'id' => $this->id, 'name' => $this->name, 'width_m' => $this->widthM, 'height_m' => $this->heightM, 'depth_m' => $this->depthM,
            'lux_at_1m' => $this->luxAt1m, 'lowest_dim' => $this->lowestDim, 'watts' => $this->watts, 'hot' => $this->hot,
        ] + ($this->battery ? ['battery' => true] : []) + ($this->web === null ? [] : ['web' => $this->web->write()]) + (
            $this->projection === null
            ? []
            : ['throw' => $this->projection->throw, 'picture_ratio' => round($this->projection->ratio, 3)]
        ) + ($this->kg === null ? [] : ['kg' => $this->kg])
            + ($this->mount === Mount::Unsaid ? [] : ['mount' => $this->mount->value])
            + ($this->plate === '' ? [] : ['plate' => $this->plate]) + $this->extra;
    }
}
