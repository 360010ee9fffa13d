<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Measure\Unit;

/** What is delivered, by which way of working, and the limits the plan is judged by. */
final readonly class Brief implements Part
{
    /** @param  array<string, mixed>  $extra */
    private function __construct(
        public float $aspectWidth,
        public float $aspectHeight,
        public GazeSchool $gaze,
        public CutSchool $cut,
        public Limits $limits,
        private array $extra,
    ) {
    }

    public static function read(Node $node): self
    {
        return new self(
            $node->number('aspect_width', 1, 10_000, Unit::Count, 16.0),
            $node->number('aspect_height', 1, 10_000, Unit::Count, 9.0),
            $node->choice('gaze', GazeSchool::class, GazeSchool::BesideLens),
            $node->choice('cut', CutSchool::class, CutSchool::SizeAndAngle),
            Limits::read($node, 'limits'),
            $node->rest(),
        );
    }

    public function aspect(): float
    {
        return $this->aspectWidth / $this->aspectHeight;
    }

    public function write(): array
    {
        return [
            'aspect_width' => $this->aspectWidth, 'aspect_height' => $this->aspectHeight,
            'gaze' => $this->gaze->value, 'cut' => $this->cut->value, 'limits' => $this->limits->write(),
        ] + $this->extra;
    }
}
