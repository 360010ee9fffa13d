<?php

declare(strict_types=1);

namespace FineFrame\Sound;

use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;

/** A flat face that sound comes back from. */
final readonly class Surface
{
    /** What meets a face on its edge meets it, metres. */
    private const EDGE_M = 1e-6;

    private Vec3 $normal;

    /**
     * @param  Vec3  $origin  where its own axes begin
     * @param  Vec3  $across  along it, unit
     * @param  Vec3  $up  along it, unit, square to the other
     * @param  Polygon  $outline  in these axes
     * @param  list<float>  $alpha  absorbed share by octave band
     */
    public function __construct(private Vec3 $origin, private Vec3 $across, private Vec3 $up, private Polygon $outline, public array $alpha)
    {
        $this->normal = $across->cross($up);
    }

    /** Where a source seems to be that is seen in it. */
    public function image(Vec3 $source): Vec3
    {
        return $source->minus($this->normal->times(2 * $this->offM($source)));
    }

    /** Where the straight way between two points meets it; null where it passes by. */
    public function meets(Vec3 $from, Vec3 $to): ?Vec3
    {
        [$near, $far] = [$this->offM($from), $this->offM($to)];
        // A way that turns on the edge of two faces begins on this one.
        if (($near * $far > 0.0 && min(abs($near), abs($far)) > self::EDGE_M) || abs($near - $far) < self::EDGE_M) {
            return null;
        }
        $at = Vec3::between($from, $to, $near / ($near - $far));
        $on = $at->minus($this->origin);
        $on = new Vec2($on->dot($this->across), $on->dot($this->up));

        return $this->outline->contains($on) || $this->outline->borderDistanceTo($on) < self::EDGE_M ? $at : null;
    }

    /** How far a point is before it; negative behind. */
    private function offM(Vec3 $point): float
    {
        return $point->minus($this->origin)->dot($this->normal);
    }
}
