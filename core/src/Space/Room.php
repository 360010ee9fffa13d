<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Document\Parts;
use FineFrame\Geometry\Motion;
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
     * @param  list<JoinedRoom>  $joined  behind openings of this one
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
        public array $joined,
        private array $extra,
    ) {
    }

    /** @return array<string, mixed> a rectangle that nobody has taped, as the plan file writes it */
    public static function sketch(float $widthM, float $depthM): array
    {
        $wall = static fn (int $i, float $length): array => [
            'id' => "w$i",
            'name' => 'wall '.TapeBook::letter($i - 1),
            'length_m' => $length,
            'turn_deg' => 90,
            'by' => 'sketch',
        ];

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
        $joined = $node->each('rooms', JoinedRoom::read(...), 12);
        [$points, $survey] = $book->solve($node);
        $corners = array_slice($points, 0, max(3, $survey->corners));
        $walls = self::walls($book->walls, $corners);
        $faces = array_merge(
            [],
            ...array_map(
                static fn (Wall $w, float $rise): array => self::pieces($w, $rise),
                $walls,
                array_map(static fn (int $i): float => $book->walls[$i]->riseM ?? 0.0, array_keys($walls)),
            ),
        );
        $tied = array_map(static fn (Built $b): string => $b->id, $book->tied());
        $built = array_map(static function (Built $b) use ($tied, $points, $corners): Built {
            $at = array_search($b->id, $tied, true);

            return $at === false ? $b : $b->at($points[count($corners) + $at] ?? $b->place);
        }, $book->built);
        $room = new self(
            $height,
            $north,
            $book,
            $openings,
            $built,
            $outlets,
            $ceiling,
            $surfaces,
            $walls,
            $faces,
            new Polygon(array_map(static fn (Wall $w): Vec2 => $w->line->from, $faces)),
            $survey,
            $underlay,
            $joined,
            $node->rest(),
        );
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
            'rooms' => Parts::written($this->joined),
        ] + ($this->underlay === null ? [] : ['underlay' => $this->underlay->write()]) + $this->extra;
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

    /**
     * The same with other curtains before its openings, and before those of rooms behind it.
     *
     * @param  array<string, Curtain>  $curtains  by opening
     */
    public function curtained(array $curtains): self
    {
        return new self(
            $this->heightM,
            $this->northRad,
            $this->book,
            array_map(static fn (Opening $o): Opening => isset($curtains[$o->id]) ? $o->with($curtains[$o->id]) : $o, $this->openings),
            $this->built,
            $this->outlets,
            $this->ceiling,
            $this->surfaces,
            $this->walls,
            $this->faces,
            $this->floor,
            $this->survey,
            $this->underlay,
            array_map(static fn (JoinedRoom $r): JoinedRoom => $r->curtained($curtains), $this->joined),
            $this->extra,
        );
    }

    /** The same elsewhere: what was taped stays as it was written. */
    public function moved(Motion $by): self
    {
        $wall = static fn (Wall $w): Wall => new Wall($w->id, $w->name, $by->segment($w->line));
        $faces = array_map($wall, $this->faces);

        return new self(
            $this->heightM,
            $this->northRad,
            $this->book,
            $this->openings,
            array_map(static fn (Built $b): Built => $b->moved($by), $this->built),
            $this->outlets,
            $this->ceiling->moved($by),
            $this->surfaces,
            array_map($wall, $this->walls),
            $faces,
            new Polygon(array_map(static fn (Wall $w): Vec2 => $w->line->from, $faces)),
            $this->survey,
            $this->underlay,
            $this->joined,
            $this->extra,
        );
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
            $to = $i === self::ARC_PIECES
                ? $wall->line->to
                : $centre->plus($out->times($radius * cos($turn)))->plus($wall->line->direction()->times($radius * sin($turn)));
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
            $node->wrong(
                'walls',
                'cross: {one} runs through {other}',
                ['one' => $this->faces[$crossing[0]]->name, 'other' => $this->faces[$crossing[1]]->name],
            );
        } elseif ($this->floor->signedArea() <= 0) {
            $node->wrong('walls', 'must be walked counter-clockwise, with left turns positive');
        }
        foreach ($this->openings as $i => $opening) {
            $wall = $this->wall($opening->wall);
            match (true) {
                $wall === null => $node->wrong("openings/$i/wall", 'is not a wall of this room'),
                $opening->offsetM + $opening->widthM > $wall->line->length() + 0.01 => $node->wrong(
                    "openings/$i/width_m",
                    'runs past the end of {wall}, which is {length} long',
                    ['wall' => $wall->name, 'length' => Quantity::metres($wall->line->length())],
                ),
                $this->ceiling->kind !== CeilingKind::None
                    && $opening->headM > $this->heightM + 0.01 => $node->wrong(
                        "openings/$i/head_m",
                        'is above the ceiling at {height}',
                        ['height' => Quantity::metres($this->heightM)],
                    ),
                default => null,
            };
        }
        foreach ($this->joined as $i => $joined) {
            $joined->judge(
                $node,
                $i,
                array_values(array_filter($this->openings, static fn (Opening $o): bool => $o->id === $joined->through))[0] ?? null,
            );
        }
        foreach ($this->outlets as $i => $outlet) {
            if ($this->wall($outlet->wall) === null) {
                $node->wrong("outlets/$i/wall", 'is not a wall of this room');
            }
        }
    }
}
