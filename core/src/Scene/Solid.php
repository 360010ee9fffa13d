<?php

declare(strict_types=1);

namespace FineFrame\Scene;

/**
 * A convex solid, or one flat face of the room, as plain numbers: frames and sightlines are computed from these at every drag.
 *
 * @phpstan-type P3 array{float, float, float}
 */
final class Solid
{
    /** @var list<array{float, float, float, float}>|null */
    private ?array $planes = null;

    private ?float $thinnest = null;

    private ?string $shape = null;

    /** @var P3 */
    public readonly array $centre;

    public readonly float $radius;

    /**
     * @param  non-empty-list<P3>  $points
     * @param  list<list<int>>  $faces  counter-clockwise from outside
     * @param  array<int, Material>  $faceMaterials  where a face differs from the rest
     * @param  list<array{non-empty-list<P3>, Material}>  $decals  flat marks on the outside: windows on a wall, eyes on a head
     */
    public function __construct(
        public readonly string $owner,
        public readonly ThingKind $kind,
        public readonly Material $material,
        public readonly array $points,
        public readonly array $faces,
        public readonly array $faceMaterials = [],
        public readonly array $decals = [],
    ) {
        $n = count($points);
        [$x, $y, $z] = [0.0, 0.0, 0.0];
        foreach ($points as [$px, $py, $pz]) {
            $x += $px;
            $y += $py;
            $z += $pz;
        }
        $this->centre = [$x / $n, $y / $n, $z / $n];
        $square = 0.0;
        foreach ($points as [$px, $py, $pz]) {
            $square = max($square, ($px - $this->centre[0]) ** 2 + ($py - $this->centre[1]) ** 2 + ($pz - $this->centre[2]) ** 2);
        }
        $this->radius = sqrt($square);
    }

    /** @return list<array{float, float, float, float}> outward unit normal and offset of each face: n·p = d; made when first asked for */
    public function planes(): array
    {
        return $this->planes ??= array_map($this->plane(...), $this->faces);
    }

    /** The same for solids of the same shape in the same place, and for no others. */
    public function shape(): string
    {
        return $this->shape ??= hash('xxh128', pack('d*', ...array_merge(...$this->points)), true);
    }

    /** How thin it is: the least of its widths across its faces, metres. */
    public function thinnestM(): float
    {
        if ($this->thinnest !== null) {
            return $this->thinnest;
        }
        $thinnest = INF;
        foreach ($this->planes() as [$nx, $ny, $nz, $d]) {
            // All of it lies below the plane.
            $deepest = $d;
            foreach ($this->points as [$x, $y, $z]) {
                $along = $nx * $x + $ny * $y + $nz * $z;
                if ($along < $deepest) {
                    $deepest = $along;
                }
            }
            $thinnest = min($thinnest, $d - $deepest);
        }

        return $this->thinnest = $thinnest;
    }

    public function raised(float $byM): self
    {
        $decals = [];
        foreach ($this->decals as [$points, $material]) {
            $decals[] = [self::lifted($points, $byM), $material];
        }

        return new self(
            $this->owner,
            $this->kind,
            $this->material,
            self::lifted($this->points, $byM),
            $this->faces,
            $this->faceMaterials,
            $decals,
        );
    }

    /**
     * @param  non-empty-list<P3>  $points
     * @return non-empty-list<P3>
     */
    private static function lifted(array $points, float $byM): array
    {
        foreach ($points as $i => $point) {
            $points[$i][2] = $point[2] + $byM;
        }

        return $points;
    }

    public function isFlat(): bool
    {
        return count($this->faces) === 1;
    }

    /**
     * How far along a ray the solid is met; never by a ray that leads nowhere.
     *
     * @param  P3  $from
     * @param  P3  $towards
     */
    public function hitBy(array $from, array $towards): ?float
    {
        if ($this->isFlat()) {
            return $this->flatHit($from, $towards);
        }
        // Past its sphere, no face needs to be asked.
        [$x, $y, $z] = [$this->centre[0] - $from[0], $this->centre[1] - $from[1], $this->centre[2] - $from[2]];
        $along = $x * $towards[0] + $y * $towards[1] + $z * $towards[2];
        $length = $towards[0] * $towards[0] + $towards[1] * $towards[1] + $towards[2] * $towards[2];

        return $length <= 0.0 || $x * $x + $y * $y + $z * $z - $along * $along / $length > $this->radius * $this->radius + 1e-9
            ? null
            : $this->solidHit($from, $towards);
    }

    /**
     * @param  P3  $from
     * @param  P3  $towards
     */
    private function solidHit(array $from, array $towards): ?float
    {
        [$in, $out] = [0.0, INF];
        foreach ($this->planes() as [$nx, $ny, $nz, $d]) {
            $speed = $nx * $towards[0] + $ny * $towards[1] + $nz * $towards[2];
            $gap = $d - ($nx * $from[0] + $ny * $from[1] + $nz * $from[2]);
            if ($speed < -1e-12) {
                $in = max($in, $gap / $speed);
            } elseif ($speed > 1e-12) {
                $out = min($out, $gap / $speed);
            } elseif ($gap < 0) {
                return null;
            }
            if ($in > $out) {
                return null;
            }
        }

        return $in > 0.0 ? $in : null;
    }

    /**
     * @param  P3  $from
     * @param  P3  $towards
     */
    private function flatHit(array $from, array $towards): ?float
    {
        [$nx, $ny, $nz, $d] = $this->planes()[0];
        $speed = $nx * $towards[0] + $ny * $towards[1] + $nz * $towards[2];
        $along = abs($speed) < 1e-12 ? -1.0 : ($d - ($nx * $from[0] + $ny * $from[1] + $nz * $from[2])) / $speed;
        if ($along <= 0) {
            return null;
        }
        $hit = [$from[0] + $along * $towards[0], $from[1] + $along * $towards[1], $from[2] + $along * $towards[2]];
        $count = count($this->points);
        for ($i = 0; $i < $count; $i++) {
            [$a, $b] = [$this->points[$i], $this->points[($i + 1) % $count]];
            [$ex, $ey, $ez] = [$b[0] - $a[0], $b[1] - $a[1], $b[2] - $a[2]];
            [$hx, $hy, $hz] = [$hit[0] - $a[0], $hit[1] - $a[1], $hit[2] - $a[2]];
            if ($nx * ($ey * $hz - $ez * $hy) + $ny * ($ez * $hx - $ex * $hz) + $nz * ($ex * $hy - $ey * $hx) < -1e-9) {
                return null;
            }
        }

        return $along;
    }

    /**
     * By all corners (Newell): three of them would turn the plane round at an inner corner.
     *
     * @param  list<int>  $face
     * @return array{float, float, float, float}
     */
    private function plane(array $face): array
    {
        [$nx, $ny, $nz] = [0.0, 0.0, 0.0];
        $a = $this->points[$face[count($face) - 1]];
        foreach ($face as $i) {
            $b = $this->points[$i];
            $nx += ($a[1] - $b[1]) * ($a[2] + $b[2]);
            $ny += ($a[2] - $b[2]) * ($a[0] + $b[0]);
            $nz += ($a[0] - $b[0]) * ($a[1] + $b[1]);
            $a = $b;
        }
        $length = sqrt($nx * $nx + $ny * $ny + $nz * $nz) ?: 1.0;
        [$nx, $ny, $nz] = [$nx / $length, $ny / $length, $nz / $length];

        return [$nx, $ny, $nz, $nx * $a[0] + $ny * $a[1] + $nz * $a[2]];
    }
}
