<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Vec3;
use FineFrame\Light\SoftBox;
use FineFrame\Plan\SetupPlan;

/**
 * How bright a face looks: ambient and each lamp's direct light, as stops against the wanted exposure. Lamps count as
 * small sources at d² + area/π, and shadows fall where somebody looked for them: enough to paint by, not to meter by.
 */
final class Shading
{
    private const DARKEST = -6.0;

    /** A fiftieth of the light is a thirtieth of a stop. */
    private const TELLING = 0.02;

    /**
     * @var array<string, array{float, float, float, float, float, float, float, float, SoftBox|null, float}> by lamp: place, facing,
     *     candela, area/π, itself where it gives by intensities or is cut, and the share of it that is seen where nobody has looked
     */
    private array $lamps = [];

    private readonly float $wanted;

    /**
     * @param  array<string, SoftBox>  $lamps
     * @param  list<string>  $outside  lamps that stand outside: nothing of them is seen where nobody has looked
     * @param  float  $ambient  lux from all around, where nothing nearer is known
     */
    public function __construct(SetupPlan $setup, array $lamps, private readonly float $ambient, array $outside = [])
    {
        $this->wanted = $setup->setup->metering->wantedLux();
        foreach ($lamps as $id => $lamp) {
            [$c, $f] = [$lamp->centre(), $lamp->facing()];
            $this->lamps[$id] = [
                $c->x,
                $c->y,
                $c->z,
                $f->x,
                $f->y,
                $f->z,
                $lamp->candela(),
                $lamp->emitter->widthM * $lamp->emitter->heightM / M_PI,
                $lamp->emitter->isEven() ? null : $lamp,
                in_array($id, $outside, true) ? 0.0 : 1.0,
            ];
        }
    }

    /**
     * @param  array{float, float, float}  $at
     * @param  array{float, float, float, float}  $plane
     * @param  float|null  $around  lux from all around there
     * @param  array<string, float>  $seen  the share of each lamp that is seen from there; all of it where nobody has looked
     */
    public function stops(array $at, array $plane, array $seen = [], ?float $around = null): float
    {
        $lux = $around ?? $this->ambient;
        foreach ($this->byLamp($at, $plane) as $id => $one) {
            $lux += ($seen[$id] ?? $this->lamps[$id][9]) * $one;
        }

        return $lux > 0 ? max(self::DARKEST, log($lux / $this->wanted, 2)) : self::DARKEST;
    }

    /**
     * @param  array{float, float, float}  $at
     * @param  array{float, float, float, float}  $plane
     * @return array<string, float> lux of each lamp that shines there, nothing in the way
     */
    public function byLamp(array $at, array $plane): array
    {
        $lux = [];
        foreach ($this->lamps as $id => [$x, $y, $z, $fx, $fy, $fz, $candela, $spread, $narrow]) {
            [$dx, $dy, $dz] = [$x - $at[0], $y - $at[1], $z - $at[2]];
            $square = $dx * $dx + $dy * $dy + $dz * $dz + 1e-9;
            $falling = $plane[0] * $dx + $plane[1] * $dy + $plane[2] * $dz;
            $leaving = -($fx * $dx + $fy * $dy + $fz * $dz);
            if ($falling > 0 && $leaving > 0) {
                $lux[$id] = match (true) {
                    $narrow === null => $candela * $falling * $leaving / ($square * ($square + $spread)),
                    $narrow->emitter->nits() === null => $narrow->luxAt(
                        new Vec3($at[0], $at[1], $at[2]),
                        new Vec3($plane[0], $plane[1], $plane[2]),
                    ),
                    default => $narrow->emitter->leaves(
                        acos(min(1.0, $leaving / sqrt($square))),
                    ) * $candela * $falling * $leaving / ($square * ($square + $spread)),
                };
            }
        }

        return $lux;
    }

    /**
     * Lamps whose shadows can be seen in a picture: those that give more than a little of the light there. The rest are painted as if
     * nothing hid them.
     *
     * @param  array<string, float>  $lux  by lamp
     * @return list<string>
     */
    public static function telling(array $lux, float $around): array
    {
        $least = self::TELLING * ($around + array_sum($lux));

        return array_map(strval(...), array_keys(array_filter($lux, static fn (float $one): bool => $one >= $least && $one > 0.0)));
    }
}
