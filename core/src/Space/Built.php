<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Geometry\Motion;
use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Shape;
use FineFrame\Geometry\Vec2;

/** What belongs to the building and stands in the room: a column, beam, platform, stairs, rows of pews. */
final readonly class Built implements Part
{
    /** @param  array<string, mixed>  $extra */
    private function __construct(
        public string $id,
        public string $name,
        public BuiltKind $kind,
        public Shape $shape,
        public Vec2 $place,
        public float $widthM,
        public float $depthM,
        public float $turnRad,
        public float $baseM,
        public float $heightM,
        public int $count,
        public MayHang $mayHang,
        public string $saidBy,
        private Vec2 $sketched,
        private array $extra,
    ) {
    }

    public static function read(Node $node): self
    {
        $kind = $node->choice('kind', BuiltKind::class, BuiltKind::Column);
        $at = new Vec2($node->metres('x_m', -200, 200), $node->metres('y_m', -200, 200));

        return new self(
            $node->id(),
            $node->text('name'),
            $kind,
            $node->choice('shape', Shape::class, Shape::Box),
            $at,
            $node->metres('width_m', 0.02, 60, 0.4),
            $node->metres('depth_m', 0.02, 60, 0.4),
            $node->angle('turn_deg', -360, 360, 0),
            $node->metres('base_m', 0, 40, 0.0),
            $node->metres('height_m', 0.01, 40, $kind === BuiltKind::Column ? 3.0 : 0.3),
            $node->whole('count', 1, 60, 1),
            $node->choice('may_hang', MayHang::class, MayHang::Unknown),
            $node->text('said_by', ''),
            $at,
            $node->rest(),
        );
    }

    /** The same where the tape puts it; what was sketched is still what is written. */
    public function at(Vec2 $place): self
    {
        return new self(
            $this->id,
            $this->name,
            $this->kind,
            $this->shape,
            $place,
            $this->widthM,
            $this->depthM,
            $this->turnRad,
            $this->baseM,
            $this->heightM,
            $this->count,
            $this->mayHang,
            $this->saidBy,
            $this->sketched,
            $this->extra,
        );
    }

    public function moved(Motion $by): self
    {
        return new self(
            $this->id,
            $this->name,
            $this->kind,
            $this->shape,
            $by->apply($this->place),
            $this->widthM,
            $this->depthM,
            $this->turnRad - $by->turnRad,
            $this->baseM,
            $this->heightM,
            $this->count,
            $this->mayHang,
            $this->saidBy,
            $this->sketched,
            $this->extra,
        );
    }

    public function footprint(): Polygon
    {
        return $this->shape === Shape::Round
            ? Polygon::circle($this->place, $this->widthM / 2)
            : Polygon::box($this->place, $this->widthM, $this->depthM, $this->turnRad);
    }

    /**
     * The boxes it is made of: steps that climb along its bearing, rows with a way between them, else one.
     *
     * @return list<array{Polygon, float, float}> footprint, from and to above the floor
     */
    public function blocks(): array
    {
        $slices = $this->kind === BuiltKind::Stairs || $this->kind === BuiltKind::Rows ? $this->count : 1;
        if ($slices === 1) {
            return [[$this->footprint(), $this->baseM, $this->baseM + $this->heightM]];
        }
        $ahead = Vec2::towards($this->turnRad);
        $step = $this->depthM / $slices;
        $deep = $this->kind === BuiltKind::Rows ? $step * 0.5 : $step;
        $blocks = [];
        for ($i = 0; $i < $slices; $i++) {
            $middle = $this->place->plus($ahead->times(($i + 0.5) * $step - $this->depthM / 2));
            $top = $this->kind === BuiltKind::Stairs ? $this->heightM * ($i + 1) / $slices : $this->heightM;
            $blocks[] = [Polygon::box($middle, $this->widthM, $deep, $this->turnRad), $this->baseM, $this->baseM + $top];
        }

        return $blocks;
    }

    public function write(): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'kind' => $this->kind->value,
            'shape' => $this->shape->value,
            'x_m' => $this->sketched->x,
            'y_m' => $this->sketched->y,
            'width_m' => $this->widthM,
            'depth_m' => $this->depthM,
            'turn_deg' => round(rad2deg($this->turnRad), 9),
            'base_m' => $this->baseM,
            'height_m' => $this->heightM,
            'count' => $this->count, 'may_hang' => $this->mayHang->value, 'said_by' => $this->saidBy,
        ] + $this->extra;
    }
}
