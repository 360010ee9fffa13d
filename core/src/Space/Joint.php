<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Segment;

/** An opening that two rooms share, through the thickness of the wall between them. */
final readonly class Joint
{
    /** In the names of the two sides of a way through, which are no walls that anybody taped. */
    public const JAMB = '/jamb/';

    /**
     * @param  string  $wall  of the one room
     * @param  Segment  $here  along that wall
     * @param  string  $otherWall  of the other room
     * @param  Segment  $there  along that one, the other way
     */
    public function __construct(
        public Opening $opening,
        public string $wall,
        public Segment $here,
        public string $otherWall,
        public Segment $there,
    ) {
    }

    /** The floor within the wall. */
    public function threshold(): Polygon
    {
        return new Polygon([$this->here->to, $this->here->from, $this->there->to, $this->there->from]);
    }

    /** @return list<Wall> the wall's thickness at both sides, each with the way through to its left; none in a thin wall */
    public function jambs(): array
    {
        return $this->opening->revealM < 0.01 ? [] : [
            new Wall($this->opening->id.self::JAMB.'from', '', new Segment($this->here->from, $this->there->to)),
            new Wall($this->opening->id.self::JAMB.'to', '', new Segment($this->there->from, $this->here->to)),
        ];
    }
}
