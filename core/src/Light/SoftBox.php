<?php

declare(strict_types=1);

namespace FineFrame\Light;

use FineFrame\Geometry\Vec3;

/** A placed lamp with all that is put before it: its lit face as a polygon in the room, and what it gives where. */
final readonly class SoftBox
{
    /** From so many times its size on, all of a face is seen at about one angle. */
    private const FAR_SIZES = 5.0;

    private Vec3 $centre;

    private Vec3 $facing;

    /** Of full power. */
    private float $power;

    public Emitter $emitter;

    /** @param  list<Modifier>  $modifiers  from the lamp outward */
    public function __construct(public LightPlacement $placement, public Fixture $fixture, Vec3 $target, public array $modifiers = [])
    {
        $this->centre = $placement->place->at($placement->heightM);
        $this->facing = $target->minus($this->centre)->unit();
        $this->emitter = Emitter::of($fixture, $modifiers);
        $this->power = $placement->on ? $placement->dimmer : 0.0;
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
        return $this->centre->minus($this->facing->times($this->emitter->depthM));
    }

    /** As gels leave it. */
    public function kelvin(): float
    {
        return min(15_000.0, Mired::shifted($this->placement->kelvin, $this->emitter->mired) ?? 15_000.0);
    }

    public function colour(): Chromaticity
    {
        return Chromaticity::planckian($this->kelvin())->greener($this->placement->duv + $this->emitter->duv);
    }

    /** @return array{Vec3, Vec3, Vec3, Vec3} counter-clockwise seen from the lit side */
    public function corners(): array
    {
        $right = $this->facing->cross(new Vec3(0, 0, 1));
        $right = $right->length() > 1e-6 ? $right->unit() : new Vec3(1, 0, 0);
        $up = $right->cross($this->facing)->times($this->emitter->heightM / 2);
        $right = $right->times($this->emitter->widthM / 2);

        return [
            $this->centre->plus($right)->minus($up),
            $this->centre->minus($right)->minus($up),
            $this->centre->minus($right)->plus($up),
            $this->centre->plus($right)->plus($up),
        ];
    }

    /** Below this share of what it gives straight ahead it veils no lens: past a grid's, a lens's or a door's edge. */
    private const VEILS = 0.05;

    /** Whether a lens at a point is shone into: its face is turned there, and nothing before it cuts that off. */
    public function veils(Vec3 $lens): bool
    {
        $to = $this->centre()->minus($lens);
        $ahead = $this->luxAt($this->centre()->plus($this->facing()->times($to->length())), $this->facing()->times(-1.0));

        return $this->luxAt($lens, $to->unit()) >= self::VEILS * $ahead;
    }

    /**
     * Lux on a surface at a point with a unit normal, unobstructed: exact for an even face, and for what grids and doors leave of it near
     * by, where each
     * part of the face is seen at its own angle; by intensities as from one point, which holds from five times its size on.
     */
    public function luxAt(Vec3 $point, Vec3 $normal): float
    {
        $out = $point->minus($this->centre);
        $distance = $out->length();
        if ($this->power <= 0.0 || $distance < 1e-6) {
            return 0.0;
        }
        $nits = $this->emitter->nits();
        $off = $nits === null || $this->emitter->isCut() ? $this->facing->angleTo($out) : 0.0;
        $leaves = $this->emitter->isCut() ? $this->emitter->leaves($off) : 1.0;
        if (
            $nits !== null
            && $this->emitter->isCut()
            && $distance < self::FAR_SIZES * max($this->emitter->widthM, $this->emitter->heightM)
        ) {
            return $this->power * $nits * Emitter::cutPerNit($this->emitter->rings(), $this->corners(), $point, $normal);
        }
        if ($nits !== null) {
            return $leaves <= 0.0 ? 0.0 : $this->power * $leaves * $nits * PolygonSource::luxPerNit($this->corners(), $point, $normal);
        }
        [$a, $b, , $d] = $this->corners();
        $around = rad2deg(atan2($out->dot($d->minus($a)) / $this->emitter->heightM, $out->dot($b->minus($a)) / $this->emitter->widthM));

        return $this->power * $leaves * PointSource::lux(
            $this->emitter->candela($off, $around) ?? 0.0,
            $distance,
            $normal->angleTo($out->times(-1.0)),
        );
    }

    /** The same as a dome reads it near a large even face; null where the angle to its middle is enough. */
    public function domeAt(Vec3 $point, Vec3 $axis): ?float
    {
        $nits = $this->emitter->nits();
        $isNear = $point->distanceTo($this->centre) < self::FAR_SIZES * max($this->emitter->widthM, $this->emitter->heightM);

        return $nits === null || $this->emitter->isCut() || ! $isNear
            ? null
            : $this->power * $nits * PolygonSource::domePerNit($this->corners(), $point, $axis);
    }

    /** @return float|null kilograms on its own stand; what stands on stands of its own is left out. Null where a part is not weighed */
    public function weightKg(): ?float
    {
        $kg = $this->fixture->kg;
        foreach ($this->modifiers as $modifier) {
            $own = $modifier->stands === 0 ? $modifier->kg : 0.0;
            $kg = $kg === null || $own === null ? null : $kg + $own;
        }

        return $kg;
    }

    /** How large its lit face looks from a place, radians: turned away it is smaller. */
    public function seenRad(Vec3 $from): float
    {
        $to = $from->minus($this->centre);
        $turned = abs($this->facing->dot($to->unit()));

        return Softness::seen($this->emitter->widthM * $this->emitter->heightM * $turned, $to->length());
    }

    /** The face as a small source: candela straight ahead, for shading pictures only. */
    public function candela(): float
    {
        return $this->power * (
            $this->emitter->candela(0.0, 0.0)
            ?? ($this->emitter->nits() ?? 0.0) * $this->emitter->widthM * $this->emitter->heightM
        );
    }

    /** Lumens before grids and doors. */
    public function lumensAhead(): float
    {
        return $this->power * $this->emitter->lumens();
    }

    /** Lumens that it gives in all; null where grids and doors keep some, which does not follow in closed form. */
    public function lumens(): ?float
    {
        return $this->emitter->isCut() ? null : $this->lumensAhead();
    }
}
