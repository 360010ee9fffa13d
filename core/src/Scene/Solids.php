<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Vec3;

/** Makes the convex solids of one thing: prisms, tapered limbs, ellipsoids. */
final class Solids
{
    /** @var list<Solid> */
    private array $made = [];

    public function __construct(private readonly string $owner, private readonly ThingKind $kind)
    {
    }

    /** @return list<Solid> */
    public function all(): array
    {
        return $this->made;
    }

    /** A convex footprint, counter-clockwise, between two heights. */
    public function prism(Polygon $footprint, float $fromM, float $toM, Material $material): self
    {
        $corners = $footprint->signedArea() > 0 ? $footprint->corners : array_reverse($footprint->corners);
        $ring = static fn (float $z): array => array_map(static fn ($c): array => [$c->x, $c->y, $z], $corners);

        return $this->loft($ring($fromM), $ring($toM), $material);
    }

    /** A round limb, pole or barrel from $a to $b. */
    public function limb(Vec3 $a, Vec3 $b, float $radiusA, float $radiusB, Material $material, int $sides = 6): self
    {
        $axis = $b->minus($a)->unit();
        $across = (abs($axis->z) < 0.9 ? new Vec3(0, 0, 1) : new Vec3(1, 0, 0))->cross($axis)->unit();

        return $this->taper($a, $b, $across, [$radiusA, $radiusA], [$radiusB, $radiusB], $material, $sides);
    }

    /**
     * An elliptic limb: half-widths along $across, and along what is square to it and the axis.
     *
     * @param  array{float, float}  $halfA
     * @param  array{float, float}  $halfB
     */
    public function taper(Vec3 $a, Vec3 $b, Vec3 $across, array $halfA, array $halfB, Material $material, int $sides = 8): self
    {
        $side = $b->minus($a)->unit()->cross($across);

        return $this->loft(
            self::ring($a, $across, $side, ...$halfA, sides: $sides),
            self::ring($b, $across, $side, ...$halfB, sides: $sides),
            $material,
        );
    }

    /** @return non-empty-list<array{float, float, float}> an ellipse about $at; plain floats, since every person is made of many */
    private static function ring(Vec3 $at, Vec3 $across, Vec3 $side, float $wide, float $deep, int $sides): array
    {
        $ring = [];
        for ($i = 0; $i < $sides; $i++) {
            $turn = 2 * M_PI * ($i + 0.5) / $sides;
            [$c, $s] = [$wide * cos($turn), $deep * sin($turn)];
            $ring[] = [
                $at->x + $across->x * $c + $side->x * $s,
                $at->y + $across->y * $c + $side->y * $s,
                $at->z + $across->z * $c + $side->z * $s,
            ];
        }
        assert($ring !== []);

        return $ring;
    }

    /**
     * Joins two rings of as many points, each counter-clockwise seen from the second's side.
     *
     * @param  non-empty-list<array{float, float, float}>  $from
     * @param  non-empty-list<array{float, float, float}>  $to
     */
    public function loft(array $from, array $to, Material $material, ?Material $cap = null): self
    {
        $n = count($from);
        $faces = [array_reverse(range(0, $n - 1)), range($n, 2 * $n - 1)];
        for ($i = 0; $i < $n; $i++) {
            $j = ($i + 1) % $n;
            $faces[] = [$i, $j, $n + $j, $n + $i];
        }
        $this->made[] = new Solid($this->owner, $this->kind, $material, [...$from, ...$to], $faces, $cap === null ? [] : [1 => $cap]);

        return $this;
    }

    /**
     * An ellipsoid that narrows toward its chin.
     *
     * @param  array{float, float, float}  $radii  along $front, across, and up
     * @param  \Closure(float, float): ?Material  $material  by how far ahead (−1…1) and how high (−1…1) a face lies
     * @param  list<array{non-empty-list<array{float, float, float}>, Material}>  $decals
     */
    public function ellipsoid(Vec3 $centre, Vec3 $front, array $radii, Material $base, \Closure $material, array $decals = []): self
    {
        $left = (new Vec3(0, 0, 1))->cross($front);
        [$rings, $sides] = [[-0.97, -0.75, -0.25, 0.3, 0.72, 0.97], 12];
        $points = $faces = $materials = [];
        foreach ($rings as $z) {
            $r = sqrt(1 - $z * $z) * ($z < 0 ? 1 + 0.2 * $z : 1);
            array_push(
                $points,
                ...self::ring($centre->plus(new Vec3(0, 0, $radii[2] * $z)), $front, $left, $radii[0] * $r, $radii[1] * $r, $sides),
            );
        }
        for ($k = 0; $k < count($rings) - 1; $k++) {
            for ($i = 0; $i < $sides; $i++) {
                $j = ($i + 1) % $sides;
                $materials[] = $material(cos(2 * M_PI * ($i + 1) / $sides), ($rings[$k] + $rings[$k + 1]) / 2);
                $faces[] = [$k * $sides + $i, $k * $sides + $j, ($k + 1) * $sides + $j, ($k + 1) * $sides + $i];
            }
        }
        $last = (count($rings) - 1) * $sides;
        array_push($faces, array_reverse(range(0, $sides - 1)), range($last, $last + $sides - 1));
        array_push($materials, $material(0, -1), $material(0, 1));
        $this->made[] = new Solid($this->owner, $this->kind, $base, $points, $faces, array_filter($materials), $decals);

        return $this;
    }
}
