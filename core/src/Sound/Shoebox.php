<?php

declare(strict_types=1);

namespace FineFrame\Sound;

use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Vec3;

/** A room of six faces, from one corner at the origin. */
final readonly class Shoebox
{
    /** @var list<Surface> x at 0 and at its end, y, z */
    public array $surfaces;

    /** @var list<array{float, list<float>}> square metres and absorbed share by band, of each face */
    private array $faces;

    /**
     * @param  list<list<float>>  $alphas  by face: x at 0 and at its end, y, z; each by octave band
     *
     * @throws ImpossibleSound if it has no size, or a face takes more than there is
     */
    public function __construct(public Vec3 $size, array $alphas)
    {
        if (min($size->x, $size->y, $size->z) <= 0.0) {
            throw ImpossibleSound::without('dimensions');
        }
        $axes = [new Vec3(1, 0, 0), new Vec3(0, 1, 0), new Vec3(0, 0, 1)];
        $lengths = [$size->x, $size->y, $size->z];
        $surfaces = $faces = [];
        foreach ($alphas as $face => $alpha) {
            if (array_filter($alpha, static fn (float $a): bool => $a < 0.0 || $a > 1.0) !== []) {
                throw ImpossibleSound::absorbs();
            }
            $axis = intdiv($face, 2);
            [$u, $v] = [($axis + 1) % 3, ($axis + 2) % 3];
            [$far, $wide, $high] = [$face % 2 === 1, $lengths[$u], $lengths[$v]];
            $outline = Polygon::rectangle($wide, $high);
            $surfaces[] = new Surface($axes[$axis]->times($far ? $lengths[$axis] : 0.0), $axes[$u], $axes[$v], $outline, $alpha);
            $faces[] = [$wide * $high, $alpha];
        }
        [$this->surfaces, $this->faces] = [$surfaces, $faces];
    }

    /** @throws ImpossibleSound unless a point is within it */
    public function holds(Vec3 $point, string $what): void
    {
        $over = $this->size->minus($point);
        if (min($point->x, $point->y, $point->z, $over->x, $over->y, $over->z) <= 0.0) {
            throw ImpossibleSound::outside($what);
        }
    }

    public function volumeM3(): float
    {
        return $this->size->x * $this->size->y * $this->size->z;
    }

    /** @return list<float> what it takes by band, square metres, as Eyring has it: `−S ln(1 − α)`; infinite where it takes all */
    public function absorption(): array
    {
        $area = array_sum(array_column($this->faces, 0));

        return array_map(function (int $band) use ($area): float {
            $mean = array_sum(array_map(static fn (array $f): float => $f[0] * $f[1][$band], $this->faces)) / $area;

            return $mean >= 1.0 ? INF : -$area * log(1 - $mean);
        }, array_keys(Material::BANDS_HZ));
    }
}
