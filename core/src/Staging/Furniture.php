<?php

declare(strict_types=1);

namespace FineFrame\Staging;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Shape;
use FineFrame\Geometry\Vec2;
use FineFrame\Measure\Unit;

/**
 * A thing of the room with a footprint and a height; for a round one, the width is its diameter. Its front faces along its
 * bearing. A board or a cloth near a face says what share of light it gives back; of other things that is left out of the sum. What is to
 * be kept out of frame is ours, and put there for the day: a case, a ladder.
 */
final readonly class Furniture implements Part
{
    /** @param  array<string, mixed>  $extra */
    private function __construct(
        public string $id,
        public string $name,
        public Shape $shape,
        public float $widthM,
        public float $depthM,
        public float $heightM,
        public float $baseM,
        public Vec2 $place,
        public float $turnRad,
        public ?Vec2 $found,
        public float $foundTurnRad,
        public Finish $finish,
        public bool $keepOut,
        public ?float $reflects,
        private array $extra,
    ) {
    }

    public static function read(Node $node): self
    {
        $width = $node->metres('width_m', 0.02, 20);

        return new self(
            $node->id(),
            $node->text('name'),
            $node->choice('shape', Shape::class, Shape::Box),
            $width,
            $node->metres('depth_m', 0.02, 20, $width),
            $node->metres('height_m', 0.01, 20),
            $node->metres('base_m', 0, 20, 0),
            new Vec2($node->metres('x_m', -200, 200), $node->metres('y_m', -200, 200)),
            $turn = $node->angle('turn_deg', -360, 360, 0),
            $node->has('found_x_m') && $node->has('found_y_m')
                ? new Vec2($node->metres('found_x_m', -200, 200), $node->metres('found_y_m', -200, 200))
                : null,
            $node->has('found_turn_deg') ? $node->angle('found_turn_deg', -360, 360) : $turn,
            $node->choice('finish', Finish::class, Finish::Matt),
            $node->flag('keep_out', false),
            $node->has('reflects') ? $node->number('reflects', 0, 1, Unit::Share) : null,
            $node->rest(),
        );
    }

    public function write(): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'shape' => $this->shape->value,
            'width_m' => $this->widthM,
            'depth_m' => $this->depthM,
            'height_m' => $this->heightM, 'base_m' => $this->baseM, 'x_m' => $this->place->x, 'y_m' => $this->place->y,
            'turn_deg' => round(rad2deg($this->turnRad), 9), 'finish' => $this->finish->value, 'keep_out' => $this->keepOut,
        ] + ($this->reflects === null ? [] : ['reflects' => $this->reflects]) + (
            $this->found === null
            ? []
            : ['found_x_m' => $this->found->x, 'found_y_m' => $this->found->y, 'found_turn_deg' => round(rad2deg($this->foundTurnRad), 9)]
        ) + $this->extra;
    }

    /** Whether it stands otherwise than it was found, so that it has to go back. */
    public function isMoved(): bool
    {
        return $this->found !== null
            && ($this->found->distanceTo($this->place) > 0.05 || abs(sin(($this->turnRad - $this->foundTurnRad) / 2)) > sin(deg2rad(2.5)));
    }

    public function footprint(): Polygon
    {
        return $this->shape === Shape::Round
            ? Polygon::circle($this->place, $this->widthM / 2, 20)
            : Polygon::box($this->place, $this->widthM, $this->depthM, $this->turnRad);
    }
}
