<?php

declare(strict_types=1);

namespace FineFrame\Sound;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;

/** A boom of a setup: the microphone's tip over the place, pointed at a mouth, its pole resting on a stand. */
final readonly class BoomPlacement implements Part
{
    /** Against wind, from least to most. */
    public const COVERS = ['none', 'foam', 'fur', 'basket and fur'];

    /** @param  array<string, mixed>  $extra */
    private function __construct(
        public string $id,
        public string $name,
        public string $model,
        public string $pole,
        public string $stand,
        public string $subject,
        public Vec2 $place,
        public float $heightM,
        public Vec2 $standPlace,
        public float $standHeightM,
        public string $cover,
        private array $extra,
    ) {
    }

    public static function read(Node $node): self
    {
        $node->oneOf('kind', ['boom']);

        return new self(
            $node->id(),
            $node->text('name'),
            $node->id('model'),
            $node->id('pole'),
            $node->id('stand'),
            $node->id('subject'),
            new Vec2($node->metres('x_m', -200, 200), $node->metres('y_m', -200, 200)),
            $node->metres('height_m', 0.05, 15),
            new Vec2($node->metres('stand_x_m', -200, 200), $node->metres('stand_y_m', -200, 200)),
            $node->metres('stand_height_m', 0.3, 10, 2.0),
            $node->oneOf('cover', self::COVERS),
            $node->rest(),
        );
    }

    public function tip(): Vec3
    {
        return $this->place->at($this->heightM);
    }

    public function standTop(): Vec3
    {
        return $this->standPlace->at($this->standHeightM);
    }

    public function write(): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'kind' => 'boom',
            'model' => $this->model,
            'pole' => $this->pole,
            'stand' => $this->stand,
            'subject' => $this->subject,
            'x_m' => $this->place->x, 'y_m' => $this->place->y, 'height_m' => $this->heightM,
            'stand_x_m' => $this->standPlace->x, 'stand_y_m' => $this->standPlace->y, 'stand_height_m' => $this->standHeightM,
        ] + ($this->cover === self::COVERS[0] ? [] : ['cover' => $this->cover]) + $this->extra;
    }
}
