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
    /** How far an arc may stray from its chord's pieces: finer than anybody tapes. */
    private const ARC_PIECES = 8;

    /**
     * @param  list<Opening>  $openings
     * @param  list<Built>  $built  where the tape puts them
     * @param  list<Outlet>  $outlets
     * @param  non-empty-list<Wall>  $walls  one for each that was taped, from corner to corner
     * @param  non-empty-list<Wall>  $faces  the walls as straight pieces: a rounded one is several, under its own id
     * @param  array<string, mixed>  $extra
     */
    private function __construct(
        public float $heightM,
        public float $northRad,
        public TapeBook $book,
        public array $openings,
        public array $built,
        public array $outlets,
        public Ceiling $ceiling,
        public Surfaces $surfaces,
        public array $walls,
        public array $faces,
        public Polygon $floor,
        public Survey $survey,
        public ?Underlay $underlay,
        private array $extra,
    ) {
    }

    /** @return array<string, mixed> a rectangle that nobody has taped, as the plan file writes it */
    public static function sketch(float $widthM, float $depthM): array
    {
        $wall = static fn (int $i, float $length): array => ['id' => "w$i", 'name' => 'wall '.TapeBook::letter($i - 1), 'length_m' => $length, 'turn_deg' => 90, 'by' => 'sketch'];

        return ['height_m' => 2.7, 'walls' => [$wall(1, $widthM), $wall(2, $depthM), $wall(3, $widthM), $wall(4, $depthM)]];
    }

    public static function read(Node $node): self
    {
        $height = $node->metres('height_m', 1.5, 40);
        $north = $node->angle('north_deg', -360, 360, 0);
        $book = TapeBook::read($node);
        $openings = $node->each('openings', Opening::read(...), 100);
        $outlets = $node->each('outlets', Outlet::read(...), 100);
        $ceiling = Ceiling::read($node->object('ceiling'), $height);
        $surfaces = Surfaces::read($node->object('surfaces'));
        $underlay = $node->has('underlay') ? Underlay::read($node->object('underlay')) : null;
        [$points, $survey] = $book->solve($node);
        $corners = array_slice($points, 0, max(3, $survey->corners));
        $walls = self::walls($book->walls, $corners);
        $faces = array_merge([], ...array_map(static fn (Wall $w, float $rise): array => self::pieces($w, $rise), $walls, array_map(static fn (int $i): float => $book->walls[$i]->riseM ?? 0.0, array_keys($walls))));
        $tied = array_map(static fn (Built $b): string => $b->id, $book->tied());
        $built = array_map(static function (Built $b) use ($tied, $points, $corners): Built {
            $at = array_search($b->id, $tied, true);

            return $at === false ? $b : $b->at($points[count($corners) + $at] ?? $b->place);
        }, $book->built);
        $room = new self($height, $north, $book, $openings, $built, $outlets, $ceiling, $surfaces, $walls, $faces, new Polygon(array_map(static fn (Wall $w): Vec2 => $w->line->from, $faces)), $survey, $underlay, $node->rest());
        $room->judgeShape($node);

        return $room;
    }

    public function write(): array
    {
        return [
            'height_m' => $this->heightM,
            'north_deg' => round(rad2deg($this->northRad), 9),
            'walls' => Parts::written($this->book->walls),
            'ties' => Parts::written($this->book->ties),
            'angles' => Parts::written($this->book->angles),
            'built' => Parts::written($this->book->built),
            'openings' => Parts::written($this->openings),
            'outlets' => Parts::written($this->outlets),
            'ceiling' => $this->ceiling->write(),
            'surfaces' => $this->surfaces->write(),
        ] + ($this->underlay === null ? [] : ['underlay' => $this->underlay->write()]) + $this->extra;
    }

    /** The ceiling above a place, metres; infinite in the open. */
    public function heightAt(Vec2 $place): float
    {
        return $this->ceiling->heightAt($place);
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
        foreach ($this->faces as $wall) {
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

    /**
     * A rounded wall rises from its chord by $rise, outwards positive, along a circle.
     *
     * @return non-empty-list<Wall>
     */
    private static function pieces(Wall $wall, float $riseM): array
    {
        if (abs($riseM) < 0.005) {
            return [$wall];
        }
        $chord = $wall->line->length();
        $radius = ($chord ** 2 / 4 + $riseM ** 2) / (2 * abs($riseM));
        $half = 2 * atan(2 * abs($riseM) / $chord);
        $out = $wall->inward()->times($riseM > 0 ? -1.0 : 1.0);
        $centre = $wall->line->at(0.5)->plus($out->times(abs($riseM) - $radius));
        $pieces = [];
        $from = $wall->line->from;
        for ($i = 1; $i <= self::ARC_PIECES; $i++) {
            $turn = $half * (2 * $i / self::ARC_PIECES - 1);
            $to = $i === self::ARC_PIECES ? $wall->line->to : $centre->plus($out->times($radius * cos($turn)))->plus($wall->line->direction()->times($radius * sin($turn)));
            $pieces[] = new Wall($wall->id, $wall->name, new Segment($from, $to));
            $from = $to;
        }

        return $pieces;
    }

    private function judgeShape(Node $node): void
    {
        if ($node->problems->any()) {
            return;
        }
        $crossing = $this->floor->selfCrossing();
        if ($crossing !== null) {
            $node->wrong('walls', 'cross: {one} runs through {other}', ['one' => $this->faces[$crossing[0]]->name, 'other' => $this->faces[$crossing[1]]->name]);
        } elseif ($this->floor->signedArea() <= 0) {
            $node->wrong('walls', 'must be walked counter-clockwise, with left turns positive');
        }
        foreach ($this->openings as $i => $opening) {
            $wall = $this->wall($opening->wall);
            match (true) {
                $wall === null => $node->wrong("openings/$i/wall", 'is not a wall of this room'),
                $opening->offsetM + $opening->widthM > $wall->line->length() + 0.01 => $node->wrong("openings/$i/width_m", 'runs past the end of {wall}, which is {length} long', ['wall' => $wall->name, 'length' => Quantity::metres($wall->line->length())]),
                $this->ceiling->kind !== CeilingKind::None && $opening->headM > $this->heightM + 0.01 => $node->wrong("openings/$i/head_m", 'is above the ceiling at {height}', ['height' => Quantity::metres($this->heightM)]),
                default => null,
            };
        }
        foreach ($this->outlets as $i => $outlet) {
            $this->wall($outlet->wall) !== null ?: $node->wrong("outlets/$i/wall", 'is not a wall of this room');
        }
    }
}
