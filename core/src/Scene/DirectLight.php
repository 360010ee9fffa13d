<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Vec3;
use FineFrame\Light\SoftBox;

/** Where the light of lamps and of day first meets a room: past walls, and on furniture and people where these stand before. */
final readonly class DirectLight
{
    /** Rays, a side, by which a projector's picture is shared out. */
    private const RAYS = 8;

    public function __construct(private RoomPatches $patches)
    {
    }

    /** As many lumens in all as the lamps give. */
    public function ofLamps(Scene $scene): DirectLux
    {
        $all = new DirectLux($this->patches);
        foreach (array_filter($scene->lamps, static fn (SoftBox $b): bool => $b->placement->on) as $id => $lamp) {
            $struck = $scene->isOutside($id) ? self::throughWindows($scene, $lamp) : self::thrown($scene, $lamp);
            if ($struck !== null) {
                $before = $all->given($this->patches);
                $this->strike($all, $struck, $lamp->centre());
                $all->givenByLamp[$id] = $all->given($this->patches) - $before;

                continue;
            }
            $own = $this->shining($lamp);
            $lumens = $own->lumens($this->patches);
            $given = $lamp->lumens();
            $scale = $given === null || $lumens <= 0.0 ? 1.0 : $given / $lumens;
            $all->add($own, $scale);
            $all->givenByLamp[$id] = $scale * $own->given($this->patches);
        }

        return $all;
    }

    /** @return array{DirectLux, float} of sky, ground and sun; and the sun's share of it */
    public function ofDay(Windows $windows): array
    {
        $all = new DirectLux($this->patches);
        $from = $windows->middles();
        foreach ($this->patches->parts as $i => $parts) {
            foreach ($parts as $k => $part) {
                if ($part->gives <= 0.0) {
                    continue;
                }
                foreach ($windows->diffuse($part->middle, $part->normal) as $id => $lux) {
                    $this->cast($all, $from[$id] ?? null, $i, $k, $part, $lux);
                }
                $this->cast($all, null, $i, $k, $part, $windows->openSunOn($part->middle, $part->normal));
            }
        }
        $sky = $all->lumens($this->patches);
        $this->strike($all, $windows->sunParts(), null, $windows->towardsSun());
        $together = $all->lumens($this->patches);

        return [$all, $together > 0.0 ? 1 - $sky / $together : 0.0];
    }

    /** A lamp's light on all parts, its middle standing for it where things may hide it. */
    private function shining(SoftBox $lamp): DirectLux
    {
        $own = new DirectLux($this->patches);
        [$at, $facing, $candela] = [$lamp->centre(), $lamp->facing(), $lamp->candela()];
        $spread = $lamp->emitter->widthM * $lamp->emitter->heightM / M_PI;
        foreach ($this->patches->parts as $i => $parts) {
            foreach ($parts as $k => $part) {
                if (! $lamp->emitter->isEven()) {
                    $lux = $lamp->luxAt($part->middle, $part->normal);
                } else {
                    // As small at d² + area/π: near enough for parts, and what is lost or won is evened out after.
                    $to = $part->middle->minus($at);
                    $square = $to->dot($to) + 1e-9;
                    $off = $facing->dot($to) * -$part->normal->dot($to);
                    $lux = $off > 0.0 && $part->normal->dot($to) < 0.0 ? $candela * $off / ($square * ($square + $spread)) : 0.0;
                }
                $this->cast($own, $at, $i, $k, $part, $lux);
            }
        }

        return $own;
    }

    /** Light on a part from a place, or on what stands before it; none past a wall. */
    private function cast(DirectLux $into, ?Vec3 $from, int $i, int $k, RoomPatch $part, float $lux): void
    {
        $met = match (true) {
            $lux <= 0.0 => false,
            $from === null => null,
            default => $this->patches->before($from, $i, $k),
        };
        if ($met === false) {
            return;
        }
        if ($met === null) {
            $into->onParts[$i][$k] += $lux;
        } else {
            $into->lumensOnClutter[$met] += $lux * $part->areaM2;
        }
    }

    /**
     * Light that falls on small places, given to the part that each is on, or to what stands before it.
     *
     * @param  list<array{Vec3, float}>  $struck  places, lumens
     * @param  Vec3|null  $from  a place that it comes from; else it comes from far off
     */
    private function strike(DirectLux $into, array $struck, ?Vec3 $from, ?Vec3 $towards = null): void
    {
        foreach ($struck as [$place, $lumens]) {
            $source = $from ?? ($towards === null ? null : $place->plus($towards->times(30.0)));
            $met = $source === null ? null : $this->patches->between($source, $place);
            [$i, $k] = $met !== null ? [null, null] : $this->patches->nearest($place) ?? [null, null];
            if ($met !== null) {
                $into->lumensOnClutter[$met] += $lumens;
            } elseif ($i !== null && $k !== null) {
                $into->onParts[$i][$k] += $lumens / $this->patches->parts[$i][$k]->areaM2;
            }
        }
    }

    /** @return list<array{Vec3, float}>|null where a projector's picture falls, and how many lumens of it; null for any other lamp */
    private static function thrown(Scene $scene, SoftBox $lamp): ?array
    {
        $picture = $lamp->emitter->picture();
        if ($picture === null) {
            return null;
        }
        [$a, $b, , $d] = $lamp->corners();
        [$right, $up] = [$b->minus($a)->unit(), $d->minus($a)->unit()];
        $parts = [];
        for ($i = 0; $i < self::RAYS ** 2; $i++) {
            [$x, $y] = [
                ((intdiv($i, self::RAYS) + 0.5) / self::RAYS - 0.5) / $picture->throw,
                (($i % self::RAYS + 0.5) / self::RAYS - 0.5) / $picture->throw / $picture->ratio,
            ];
            $way = $lamp->facing()->plus($right->times($x))->plus($up->times($y));
            $met = array_filter(
                array_map(
                    static fn (Solid $s): ?float => $s->hitBy(
                        [$lamp->centre()->x, $lamp->centre()->y, $lamp->centre()->z],
                        [$way->x, $way->y, $way->z],
                    ),
                    $scene->shell,
                ),
                static fn (?float $t): bool => $t !== null && $t > 1e-4,
            );
            if ($met !== []) {
                $parts[] = [$lamp->centre()->plus($way->times(min($met))), $lamp->lumensAhead() / self::RAYS ** 2];
            }
        }

        return $parts;
    }

    /** @return list<array{Vec3, float}> where the light of a lamp outside meets the room, and how many lumens of it */
    private static function throughWindows(Scene $scene, SoftBox $lamp): array
    {
        $parts = [];
        $from = [$lamp->centre()->x, $lamp->centre()->y, $lamp->centre()->z];
        foreach ($scene->holes()->parts() as [$at, $inward, $area]) {
            $way = $at->minus($lamp->centre());
            $ray = [$way->x, $way->y, $way->z];
            $lumens = $way->dot($inward) > 0.0 ? $area * $lamp->luxAt($at, $inward->times(-1.0)) : 0.0;
            $nearest = INF;
            foreach ($lumens > 0.0 ? $scene->shell : [] as $solid) {
                $along = $solid->hitBy($from, $ray);
                if ($along === null || $along > $nearest) {
                    continue;
                }
                if ($along > 1.001) {
                    $nearest = $along;
                } elseif ($solid->material === Material::Wall) {
                    $lumens *= $scene->holes()->passes($solid->owner, $from, $ray, $along);
                }
            }
            if ($lumens > 0.0 && $nearest !== INF) {
                $parts[] = [$lamp->centre()->plus($way->times($nearest)), $lumens];
            }
        }

        return $parts;
    }
}
