<?php

declare(strict_types=1);

namespace FineFrame\Camera;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Document\Parts;
use FineFrame\Geometry\Vec2;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;

/** A camera that moves through a take, from mark to mark. */
final readonly class Move implements Part
{
    /**
     * @param  list<Mark>  $marks  in the order of their times
     * @param  string  $helper  who steadies the operator, clears the cable or pulls focus
     * @param  float  $cableM  the tether's length; 0 without one
     * @param  array<string, mixed>  $extra
     */
    private function __construct(
        public string $id,
        public string $camera,
        public array $marks,
        public string $helper,
        public float $cableM,
        public ?Vec2 $cableFrom,
        private array $extra,
    ) {
    }

    public static function read(Node $node): self
    {
        $move = new self(
            $node->id(),
            $node->id('camera'),
            $node->each('marks', Mark::read(...), 60),
            $node->text('helper', '', 60),
            $node->metres('cable_m', 0, 200, 0.0),
            $node->has('cable_x_m') && $node->has('cable_y_m')
                ? new Vec2($node->metres('cable_x_m', -200, 200), $node->metres('cable_y_m', -200, 200))
                : null,
            $node->rest(),
        );
        foreach ($move->marks as $i => $mark) {
            $before = $move->marks[$i - 1] ?? null;
            if (! ($before === null || $mark->atS > $before->atS)) {
                $node->wrong(
                    "marks/$i/at_s",
                    'must come after the mark before it, at {before}',
                    ['before' => Quantity::of($before->atS, Unit::Second)],
                );
            }
        }

        return $move;
    }

    public function write(): array
    {
        return [
            'id' => $this->id,
            'camera' => $this->camera,
            'marks' => Parts::written($this->marks),
            'helper' => $this->helper,
            'cable_m' => $this->cableM,
        ]
            + ($this->cableFrom === null ? [] : ['cable_x_m' => $this->cableFrom->x, 'cable_y_m' => $this->cableFrom->y]) + $this->extra;
    }

    /** Seconds from the first mark to the last. */
    public function lastsS(): float
    {
        return $this->marks === [] ? 0.0 : $this->marks[count($this->marks) - 1]->atS - $this->marks[0]->atS;
    }
}
