<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Vec2;
use FineFrame\Space\Built;
use FineFrame\Staging\Furniture;

/** What takes room on the floor or over it and is no gear: furniture, and what the building itself puts there. */
final readonly class Obstacle
{
    private Vec2 $middle;

    private float $reachM;

    /** @param  string|null  $path  as an edit addresses it; null when it cannot be moved */
    private function __construct(
        public string $id,
        public string $name,
        public ?string $path,
        public Vec2 $place,
        public Polygon $footprint,
        public float $baseM,
        public float $topM,
        public bool $carriesStands,
    ) {
        $this->middle = $footprint->middle();
        $this->reachM = max(array_map($this->middle->distanceTo(...), $footprint->corners));
    }

    /** @return list<self> */
    public static function allOf(Scene $scene): array
    {
        $all = array_map(
            static fn (Furniture $f): self => new self(
                $f->id,
                $f->name,
                "furniture/$f->id",
                $f->place,
                $f->footprint(),
                $f->baseM,
                $f->baseM + $f->heightM,
                false,
            ),
            $scene->setup->setup->furniture,
        );
        foreach ($scene->setup->room->built as $built) {
            foreach ($built->blocks() as [$footprint, $base, $top]) {
                $all[] = new self(
                    $built->id,
                    $built->name,
                    null,
                    self::middle($footprint, $built),
                    $footprint,
                    $base,
                    $top,
                    $built->kind->carriesStands(),
                );
            }
        }

        return $all;
    }

    /** Whether any of it may be within a distance of a place; settled quickly for what is far. */
    public function isNear(Vec2 $place, float $distance): bool
    {
        return abs($this->middle->x - $place->x) <= $distance + $this->reachM
            && abs($this->middle->y - $place->y) <= $distance + $this->reachM;
    }

    private static function middle(Polygon $footprint, Built $built): Vec2
    {
        return $built->count > 1 ? $footprint->middle() : $built->place;
    }
}
