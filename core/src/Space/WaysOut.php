<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Segment;
use FineFrame\Geometry\Vec2;

/** The ways out of a furnished floor: how wide each is from a place, what sets it, which piece to move, and how far it is to walk. */
final readonly class WaysOut
{
    /** A piece is worth moving for so much more, metres. */
    private const GAIN_M = 0.001;

    /**
     * @param  non-empty-list<Polygon>  $floors
     * @param  non-empty-array<string, WayThrough>  $ways  by opening
     * @param  list<string>  $movable
     */
    private function __construct(private array $floors, private array $ways, private array $movable)
    {
    }

    /**
     * @param  non-empty-list<Polygon>  $floors
     * @param  list<Segment>  $walls
     * @param  list<FloorBody>  $bodies
     * @param  array<string, Segment>  $exits
     *
     * @throws ImpossibleWay where there is no exit, one is on no wall, or walls cross
     */
    public static function of(array $floors, array $walls, array $bodies, array $exits): self
    {
        foreach ($floors as $floor) {
            if ($floor->selfCrossing() !== null) {
                throw ImpossibleWay::floor();
            }
        }

        return new self(
            $floors,
            $exits === []
                ? throw ImpossibleWay::noExit()
                : array_map(static fn (Segment $e): WayThrough => WayThrough::out($walls, $bodies, $e), $exits),
            array_values(array_unique(array_map(static fn (FloorBody $b): string => $b->id, $bodies))),
        );
    }

    /** @return non-empty-array<string, WayOut> by opening, from where somebody stands; the room there counts */
    public function from(Vec2 $place): array
    {
        $this->refuseOff($place);

        return array_map(static fn (WayThrough $w): WayOut => $w->width($place), $this->ways);
    }

    /**
     * @param  list<string>  $without
     * @return non-empty-array<string, WayOut> by opening, for whoever gets up from a place among what stands there
     */
    public function gettingUp(Vec2 $place, array $without = []): array
    {
        return array_map(static fn (WayThrough $w): WayOut => $w->widest($place, $without), $this->ways);
    }

    /** @return array<string, float> the best width with each piece taken away, from where somebody stands */
    public function without(Vec2 $place): array
    {
        $this->refuseOff($place);
        $widths = [];
        foreach ($this->movable as $id) {
            $widths[$id] = max(array_map(static fn (WayThrough $w): float => $w->width($place, [$id])->widthM, $this->ways));
        }

        return $widths;
    }

    /**
     * @param  array<string, float>  $without
     * @return string|null the piece whose going gives most
     */
    public static function bestMove(float $now, array $without): ?string
    {
        arsort($without);
        $id = array_key_first($without);

        return $id !== null && $without[$id] > $now + self::GAIN_M ? $id : null;
    }

    /**
     * @return array{string, float, list<Vec2>}|null the nearest opening that somebody so wide can get to: metres, bends
     *
     * @throws ImpossibleWay
     */
    public function walk(Vec2 $place, float $widthM): ?array
    {
        $this->refuseOff($place);
        if ($widthM <= 0.0) {
            throw ImpossibleWay::flat('a person');
        }
        $best = null;
        foreach ($this->ways as $id => $way) {
            $walk = $way->width($place)->widthM < $widthM - WayThrough::EVEN_M ? null : $way->walk($place, $widthM);
            $best = $walk !== null && $walk[0] < ($best[1] ?? INF) ? [$id, ...$walk] : $best;
        }

        return $best;
    }

    /** @throws ImpossibleWay */
    private function refuseOff(Vec2 $place): void
    {
        $on = array_values($this->ways)[0]->on($place);
        if ($on !== null) {
            throw ImpossibleWay::inside($on);
        }
        foreach ($this->floors as $floor) {
            if ($floor->contains($place)) {
                return;
            }
        }
        throw ImpossibleWay::outside();
    }
}
