<?php

declare(strict_types=1);

namespace FineFrame\Light;

use FineFrame\Geometry\Vec3;

/** A placed soft lamp: its face as a polygon in the room, and what it gives where. */
final readonly class SoftBox
{
    private Vec3 $centre;

    private Vec3 $facing;

    private float $luminance;

    public function __construct(public LightPlacement $placement, public Fixture $fixture, Vec3 $target)
    {
        $this->centre = $placement->place->at($placement->heightM);
        $this->facing = $target->minus($this->centre)->unit();
        $this->luminance = ! $placement->on ? 0.0 : $fixture->luxAt1m * $placement->dimmer / self::luxPerNitAt1m($fixture);
    }

    public function centre(): Vec3
    {
        return $this->centre;
    }

    public function facing(): Vec3
    {
        return $this->facing;
    }

    public function rear(): Vec3
    {
        return $this->centre->minus($this->facing->times($this->fixture->depthM));
    }

    /** @return array{Vec3, Vec3, Vec3, Vec3} counter-clockwise seen from the lit side */
    public function corners(): array
    {
        $right = $this->facing->cross(new Vec3(0, 0, 1));
        $right = $right->length() > 1e-6 ? $right->unit() : new Vec3(1, 0, 0);
        $up = $right->cross($this->facing)->times($this->fixture->heightM / 2);
        $right = $right->times($this->fixture->widthM / 2);

        return [
            $this->centre->plus($right)->minus($up), $this->centre->minus($right)->minus($up), $this->centre->minus($right)->plus($up), $this->centre->plus($right)->plus($up),
        ];
    }

    /** Lux on a surface at a point with a unit normal, unobstructed: exact for an even face; from measured intensities as from one point, which holds from five times its size on. */
    public function luxAt(Vec3 $point, Vec3 $normal): float
    {
        if ($this->fixture->web !== null) {
            return $this->placement->on ? $this->placement->dimmer * $this->byWeb($this->fixture->web, $point, $normal) : 0.0;
        }

        return $this->luminance * PolygonSource::luxPerNit($this->corners(), $point, $normal);
    }

    /** The face as a small source: candela straight ahead, for shading pictures only. */
    public function candela(): float
    {
        if ($this->fixture->web !== null) {
            return $this->placement->on ? $this->placement->dimmer * $this->fixture->web->candela(0.0, 0.0) : 0.0;
        }

        return $this->luminance * $this->fixture->widthM * $this->fixture->heightM;
    }

    /** Lumens that it gives in all; null where they do not follow in closed form. An even face gives π times its area times its luminance. */
    public function lumens(): ?float
    {
        return $this->fixture->web !== null ? null : M_PI * $this->luminance * $this->fixture->widthM * $this->fixture->heightM;
    }

    private function byWeb(PhotometricWeb $web, Vec3 $point, Vec3 $normal): float
    {
        $out = $point->minus($this->centre);
        $distance = $out->length();
        if ($distance < 1e-6) {
            return 0.0;
        }
        [$a, $b, , $d] = $this->corners();
        $around = rad2deg(atan2($out->dot($d->minus($a)) / $this->fixture->heightM, $out->dot($b->minus($a)) / $this->fixture->widthM));

        return PointSource::lux($web->candela(rad2deg($this->facing->angleTo($out)), $around), $distance, $normal->angleTo($out->times(-1.0)));
    }

    private static function luxPerNitAt1m(Fixture $fixture): float
    {
        [$w, $h] = [$fixture->widthM / 2, $fixture->heightM / 2];

        return PolygonSource::luxPerNit([new Vec3(-$w, -$h, 0), new Vec3($w, -$h, 0), new Vec3($w, $h, 0), new Vec3(-$w, $h, 0)], new Vec3(0, 0, 1), new Vec3(0, 0, -1));
    }
}
