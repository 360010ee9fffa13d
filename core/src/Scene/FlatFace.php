<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Convex;
use FineFrame\Geometry\Vec3;

/** A flat face of the room with axes of its own, so that it can be cut into squares. */
final readonly class FlatFace
{
    public Vec3 $normal;

    /** @var array{float, float, float, float} */
    public array $plane;

    private Vec3 $origin;

    private Vec3 $across;

    private Vec3 $up;

    /** @var non-empty-list<array{float, float}> */
    private array $outline;

    public function __construct(Solid $solid)
    {
        $points = array_map(static fn (array $p): Vec3 => new Vec3(...$p), $solid->points);
        $face = $solid->faces[0];
        $this->plane = $solid->planes()[0];
        $this->normal = new Vec3($this->plane[0], $this->plane[1], $this->plane[2]);
        $this->origin = $points[$face[0] ?? 0];
        $this->across = $points[$face[1] ?? 0]->minus($this->origin)->unit();
        $this->up = $this->normal->cross($this->across);
        $outline = array_map(
            fn (int $i): array => [
                $this->across->dot($points[$i]->minus($this->origin)),
                $this->up->dot($points[$i]->minus($this->origin)),
            ],
            $face,
        );
        $this->outline = $outline === [] ? [[0.0, 0.0]] : $outline;
    }

    /** @return array{array{float, float}, array{float, float}} */
    public function box(): array
    {
        [$xs, $ys] = [array_column($this->outline, 0), array_column($this->outline, 1)];

        return [[min($xs), min($ys)], [max($xs), max($ys)]];
    }

    /**
     * Where a face with an inner corner is cut, so that its parts have none; none for a convex one.
     *
     * @param  0|1  $axis
     * @return list<float>
     */
    public function breaks(int $axis): array
    {
        $count = count($this->outline);
        foreach ($this->outline as $i => [$x, $y]) {
            [[$ax, $ay], [$bx, $by]] = [$this->outline[($i + 1) % $count], $this->outline[($i + 2) % $count]];
            if (($ax - $x) * ($by - $ay) - ($ay - $y) * ($bx - $ax) < -1e-9) {
                return array_column($this->outline, $axis);
            }
        }

        return [];
    }

    public function areaM2(): float
    {
        return Convex::area($this->outline);
    }

    /** @return list<array{float, float}> what of a square, or a rectangle, is in the face */
    public function within(float $x, float $y, float $width, ?float $height = null): array
    {
        $height ??= $width;

        return Convex::within($this->outline, [[$x, $y], [$x + $width, $y], [$x + $width, $y + $height], [$x, $y + $height]]);
    }

    /** @param  array{float, float}  $place */
    public function at(array $place): Vec3
    {
        return $this->origin->plus($this->across->times($place[0]))->plus($this->up->times($place[1]));
    }
}
