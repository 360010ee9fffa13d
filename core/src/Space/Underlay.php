<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Geometry\Vec2;
use FineFrame\Measure\Unit;

/** A photographed or scanned floor plan laid under the drawing: its lower left corner, and how much floor a pixel is. */
final readonly class Underlay implements Part
{
    /** @param  array<string, mixed>  $extra */
    private function __construct(
        public string $file,
        public int $widthPx,
        public int $heightPx,
        public Vec2 $place,
        public float $metresAPixel,
        public float $turnRad,
        private array $extra,
    ) {
    }

    public static function read(Node $node): self
    {
        return new self(
            $node->text('file', null, 80),
            $node->whole('width_px', 1, 40_000),
            $node->whole('height_px', 1, 40_000),
            new Vec2($node->metres('x_m', -500, 500, 0.0), $node->metres('y_m', -500, 500, 0.0)),
            $node->number('metres_a_pixel', 1e-6, 10, Unit::Ratio),
            $node->angle('turn_deg', -360, 360, 0),
            $node->rest(),
        );
    }

    /** @return array<string, mixed> as the plan file writes an underlay that fills a floor from its first corner */
    public static function over(string $file, int $widthPx, int $heightPx, float $floorWidthM): array
    {
        return [
            'file' => $file,
            'width_px' => $widthPx,
            'height_px' => $heightPx,
            'x_m' => 0.0,
            'y_m' => 0.0,
            'metres_a_pixel' => $floorWidthM / $widthPx,
        ];
    }

    /**
     * Scaled about the first of two points until they are as far apart as they are known to be.
     *
     * @return array<string, mixed> as the plan file writes it
     *
     * @throws UnsolvedSurvey if the points are one
     */
    public function scaled(Vec2 $one, Vec2 $other, float $apartM): array
    {
        $drawn = $one->distanceTo($other);
        if ($drawn <= 0.01) {
            throw UnsolvedSurvey::notALength('The distance between two points that are one');
        }
        $factor = $apartM / $drawn;
        $place = $one->plus($this->place->minus($one)->times($factor));

        return [
            'x_m' => round($place->x, 4),
            'y_m' => round($place->y, 4),
            'metres_a_pixel' => $this->metresAPixel * $factor,
        ] + $this->write();
    }

    public function write(): array
    {
        return [
            'file' => $this->file,
            'width_px' => $this->widthPx,
            'height_px' => $this->heightPx,
            'x_m' => $this->place->x,
            'y_m' => $this->place->y,
            'metres_a_pixel' => $this->metresAPixel,
            'turn_deg' => round(rad2deg($this->turnRad), 9),
        ] + $this->extra;
    }
}
