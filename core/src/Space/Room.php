<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Document\Parts;
use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Segment;
use FineFrame\Geometry\Vec2;
use FineFrame\Measure\Quantity;

/** A room solved from its tape readings: what was taped is kept, what follows is computed. */
final readonly class Room implements Part
{
    /**
     * @param  list<TapedWall>  $tape
     * @param  list<Diagonal>  $diagonals
     * @param  list<Opening>  $openings
     * @param  non-empty-list<Wall>  $walls
     * @param  array<string, mixed>  $extra
     */
    private function __construct(
        public float $heightM,
        public float $northRad,
        public array $tape,
        public array $diagonals,
        public array $openings,
        public array $walls,
        public Polygon $floor,
        public Closure $closure,
        private array $extra,
    ) {
    }

    public static function read(Node $node): self
    {
        $height = $node->metres('height_m', 1.5, 40);
        $north = $node->angle('north_deg', -360, 360, 0);
        $tape = $node->each('walls', TapedWall::read(...), 60);
        $diagonals = $node->each('diagonals', Diagonal::read(...), 200);
        $openings = $node->each('openings', Opening::read(...), 100);
        [$corners, $closure] = TapedShape::solve($node, $tape, $diagonals);
        $walls = self::walls($tape, $corners);
        $room = new self($height, $north, $tape, $diagonals, $openings, $walls, new Polygon($corners), $closure, $node->rest());
        $room->judgeShape($node);

        return $room;
    }

    public function write(): array
    {
        return [
            'height_m' => $this->heightM,
            'north_deg' => round(rad2deg($this->northRad), 9),
            'walls' => Parts::written($this->tape),
            'diagonals' => Parts::written($this->diagonals),
            'openings' => Parts::written($this->openings),
        ] + $this->extra;
    }

    public function wall(string $id): ?Wall
    {
        foreach ($this->walls as $wall) {
            if ($wall->id === $id) {
                return $wall;
            }
        }

        return null;
    }

    public function wallOf(Opening $opening): Wall
    {
        return $this->wall($opening->wall) ?? $this->walls[0];
    }

    public function lineOf(Opening $opening): Segment
    {
        $wall = $this->wallOf($opening);

        return new Segment($wall->along($opening->offsetM), $wall->along($opening->offsetM + $opening->widthM));
    }

    /** The floor that a door needs to open and be walked through, metres deep. */
    public function clearWay(Opening $opening, float $depthM): Polygon
    {
        $line = $this->lineOf($opening);
        $in = $this->wallOf($opening)->inward()->times($depthM);

        return new Polygon([$line->from, $line->to, $line->to->plus($in), $line->from->plus($in)]);
    }

    /** @return array{float, ?Wall} metres to the first wall on the way, and that wall */
    public function firstWall(Vec2 $from, Vec2 $towards): array
    {
        [$nearest, $met] = [INF, null];
        foreach ($this->walls as $wall) {
            $distance = $wall->line->hitBy($from, $towards);
            if ($distance !== null && $distance < $nearest) {
                [$nearest, $met] = [$distance, $wall];
            }
        }

        return [$nearest, $met];
    }

    /** @return list<Wall> the two walls to measure a place from, each met squarely: the nearest, and the nearest that is turned 45° or more from it */
    public function tapeWalls(Vec2 $place): array
    {
        $walls = array_values(array_filter($this->walls, static fn (Wall $w): bool => $w->faces($place))) ?: $this->walls;
        usort($walls, static fn (Wall $a, Wall $b): int => $a->line->distanceTo($place) <=> $b->line->distanceTo($place));
        foreach ($walls as $other) {
            if (abs($other->line->direction()->dot($walls[0]->line->direction())) < M_SQRT1_2) {
                return [$walls[0], $other];
            }
        }

        return [$walls[0]];
    }

    /**
     * @param  list<TapedWall>  $tape
     * @param  non-empty-list<Vec2>  $corners
     * @return non-empty-list<Wall>
     */
    private static function walls(array $tape, array $corners): array
    {
        $walls = [];
        foreach ($corners as $i => $corner) {
            $walls[] = new Wall($tape[$i]->id ?? "w$i", $tape[$i]->name ?? '', new Segment($corner, $corners[($i + 1) % count($corners)]));
        }

        return $walls;
    }

    private function judgeShape(Node $node): void
    {
        if ($node->problems->any()) {
            return;
        }
        $crossing = $this->floor->selfCrossing();
        if ($crossing !== null) {
            $node->wrong('walls', 'cross: {one} runs through {other}', ['one' => $this->walls[$crossing[0]]->name, 'other' => $this->walls[$crossing[1]]->name]);
        } elseif ($this->floor->signedArea() <= 0) {
            $node->wrong('walls', 'must be walked counter-clockwise, with left turns positive');
        }
        foreach ($this->openings as $i => $opening) {
            $wall = $this->wall($opening->wall);
            match (true) {
                $wall === null => $node->wrong("openings/$i/wall", 'is not a wall of this room'),
                $opening->offsetM + $opening->widthM > $wall->line->length() + 0.01 => $node->wrong("openings/$i/width_m", 'runs past the end of {wall}, which is {length} long', ['wall' => $wall->name, 'length' => Quantity::metres($wall->line->length())]),
                $opening->headM > $this->heightM + 0.01 => $node->wrong("openings/$i/head_m", 'is above the ceiling at {height}', ['height' => Quantity::metres($this->heightM)]),
                default => null,
            };
        }
    }
}
