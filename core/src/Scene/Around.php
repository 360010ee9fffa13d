<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Vec3;
use FineFrame\Light\Ambient;

/** What comes from all around at a place: the light that is there as metered or through the windows, and what the room gives back. */
final class Around
{
    private readonly ?Ambient $metered;

    /** @var array<int, list<float>> by solid: lux from ahead and behind along x, y and z */
    private array $cubes = [];

    public function __construct(private readonly Scene $scene)
    {
        $this->metered = $scene->windows() === null ? $scene->ambient() : null;
    }

    /**
     * Lux on a surface.
     *
     * @param  bool  $isExact  past what stands in the room; else that is left out, enough to paint by
     */
    public function at(Vec3 $point, Vec3 $normal, bool $isExact = false): float
    {
        $lux = ($this->metered?->at($normal) ?? 0.0) + array_sum($this->scene->room()->at($point, $normal, $isExact));
        $windows = $this->scene->windows();
        if ($windows !== null) {
            $slant = $windows->towardsSun()->dot($normal);
            $lux += array_sum($windows->diffuse($point, $normal)) + ($slant > 0.0 ? $slant * $windows->sunAt($point) : 0.0);
        }

        return $lux;
    }

    /**
     * Lux on a face of a solid, from six at its middle, blended by the squares of the face's normal: enough to paint by.
     *
     * @param  array{float, float, float, float}  $plane
     */
    public function on(Solid $solid, array $plane): float
    {
        $cube = $this->cubes[spl_object_id($solid)] ??= $this->cube(new Vec3(...$solid->centre));

        return $plane[0] ** 2 * $cube[$plane[0] < 0 ? 1 : 0] + $plane[1] ** 2 * $cube[$plane[1] < 0 ? 3 : 2] + $plane[2] ** 2
            * $cube[$plane[2] < 0 ? 5 : 4];
    }

    /** The mean of all ways at the first subject: what unlit pictures are painted with. */
    public function mean(): float
    {
        $body = array_values($this->scene->setup->bodies)[0] ?? null;
        $at = $body->eyes ?? $this->scene->setup->room->first()->floor->middle()->at(1.2);

        return array_sum($this->cube($at)) / 6;
    }

    /** @return list<float> */
    private function cube(Vec3 $at): array
    {
        return array_map(
            fn (array $n): float => $this->at($at, new Vec3(...$n)),
            [[1, 0, 0], [-1, 0, 0], [0, 1, 0], [0, -1, 0], [0, 0, 1], [0, 0, -1]],
        );
    }
}
