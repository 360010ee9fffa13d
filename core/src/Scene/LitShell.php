<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Convex;
use FineFrame\Geometry\Vec3;

/**
 * Walls, floor and ceiling in patches, each with the light that falls on it: by every lamp as far as the patch sees its face,
 * and what is there without lamps. Made once for a scene; each lens then only projects it.
 */
final class LitShell
{
    private const PATCH_M = 0.4;

    /** @var array<int, list<array{list<array{float, float, float}>, float}>> corners and stops, by solid */
    private array $patches = [];

    public function __construct(private readonly Scene $scene, private readonly Shading $shading)
    {
    }

    /** @return list<array{list<array{float, float, float}>, float}> the patches of a flat solid: corners, and stops against the wanted exposure */
    public function of(Solid $solid): array
    {
        return $this->patches[spl_object_id($solid)] ??= $this->cut($solid);
    }

    /** @return list<array{list<array{float, float, float}>, float}> */
    private function cut(Solid $solid): array
    {
        $points = array_map(static fn (int $i): Vec3 => new Vec3(...$solid->points[$i]), $solid->faces[0]);
        $plane = $solid->planes()[0];
        $normal = new Vec3($plane[0], $plane[1], $plane[2]);
        $u = $points[1]->minus($points[0])->unit();
        $v = $normal->cross($u);
        $flat = array_map(static fn (Vec3 $p): array => [$u->dot($p->minus($points[0])), $v->dot($p->minus($points[0]))], $points);
        [$xs, $ys] = [array_column($flat, 0), array_column($flat, 1)];
        if ($xs === [] || $ys === []) {
            return [];
        }
        $patches = [];
        for ($x = min($xs); $x < max($xs) - 1e-6; $x += self::PATCH_M) {
            for ($y = min($ys); $y < max($ys) - 1e-6; $y += self::PATCH_M) {
                $part = Convex::within($flat, [[$x, $y], [$x + self::PATCH_M, $y], [$x + self::PATCH_M, $y + self::PATCH_M], [$x, $y + self::PATCH_M]]);
                if (count($part) < 3 || Convex::area($part) < 1e-4) {
                    continue;
                }
                $corners = array_map(static fn (array $p): Vec3 => $points[0]->plus($u->times($p[0]))->plus($v->times($p[1])), $part);
                $middle = array_reduce($corners, static fn (Vec3 $s, Vec3 $c): Vec3 => $s->plus($c), new Vec3(0, 0, 0))->times(1 / count($corners));
                $patches[] = [array_map(static fn (Vec3 $c): array => [$c->x, $c->y, $c->z], $corners), $this->shading->stops([$middle->x, $middle->y, $middle->z], $plane, $this->seen($middle->plus($normal->times(0.01))))];
            }
        }

        return $patches;
    }

    /** @return array<string, float> */
    private function seen(Vec3 $at): array
    {
        $seen = [];
        foreach ($this->scene->lamps as $id => $lamp) {
            $seen[$id] = $lamp->placement->on ? Occlusion::seen($this->scene, $lamp, $at, rays: 3) : 0.0;
        }

        return $seen;
    }
}
