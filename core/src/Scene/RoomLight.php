<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Vec3;
use FineFrame\Light\PolygonSource;
use FineFrame\Light\Radiosity;

/**
 * What a room gives back: walls, floor, ceiling and what stands there exchange light until it is balanced. A point gathers it from every
 * direction, so
 * that an evenly bright room reads 1 on a plane and 2 on a dome wherever one stands.
 */
final class RoomLight
{
    private const STILL = 1e-4;

    /** Within so many of its areas, the square of the distance, a part is looked at corner by corner. */
    private const NEAR_SIZES = 4.0;

    private readonly RoomPatches $patches;

    private readonly Shared $shared;

    /** @var list<list<float>> form factors times areas */
    private array $exchange;

    /** @var list<float> of patches, and of clutter what it exchanges */
    private array $areas;

    /** Of the daylight that comes in, what the sun itself brings. */
    public float $sunShare = 0.0;

    /** @var array<string, float> of what the room gives back of the lamps' light, each lamp's share; 0 where none gives any */
    public readonly array $lampShares;

    /** @var array{RoomGlow, RoomGlow} of the lamps' light, of daylight */
    private array $glow;

    public function __construct(Scene $scene, ?Windows $windows, float $roomFactor = 1.0)
    {
        [$this->patches, $this->shared] = [$scene->patches(), $scene->shared];
        $this->exchange = $this->patches->exchange($scene->shared);
        $count = count($this->patches->all);
        $this->areas = array_map(
            fn (array $row, int $i): float => $i < $count ? $this->patches->all[$i]->areaM2 : array_sum($row),
            $this->exchange,
            array_keys($this->exchange),
        );
        $direct = new DirectLight($this->patches);
        $lamps = $direct->ofLamps($scene);
        $all = max(1e-9, array_sum($lamps->givenByLamp));
        $this->lampShares = array_map(static fn (float $given): float => $given / $all, $lamps->givenByLamp);
        $this->glow = [
            $this->balanced($lamps),
            $windows === null ? RoomGlow::none($this->patches) : $this->byDay($direct, $windows, $roomFactor),
        ];
    }

    /** The same room and lamps under another daylight. */
    public function under(Windows $windows, float $roomFactor = 1.0): self
    {
        $other = clone $this;
        $other->glow = [$this->glow[0], $other->byDay(new DirectLight($this->patches), $windows, $roomFactor)];

        return $other;
    }

    /**
     * Lux on a surface at a point of what walls, floor and ceiling give back.
     *
     * @param  bool  $isExact  past furniture and people, part by part; else by whole patches, enough to paint by
     * @return array{float, float} of the lamps' light, of daylight
     */
    public function at(Vec3 $point, Vec3 $normal, bool $isExact = false): array
    {
        return $isExact ? $this->gathered($point, [[$normal, false]], '')[0] : $this->rough($point, $normal, false);
    }

    /**
     * The same as a meter's dome reads it, turned along an axis: (1 + cos)/2 to each direction.
     *
     * @return array{float, float}
     */
    public function dome(Vec3 $point, Vec3 $axis, bool $isExact = false): array
    {
        return $isExact ? $this->gathered($point, [[$axis, true]], '')[0] : $this->rough($point, $axis, true);
    }

    /**
     * What a head gets: a dome at the face, then flat cells, past everybody but whose head it is.
     *
     * @param  list<Vec3>  $cells  normals
     * @return non-empty-list<array{float, float}>
     */
    public function onHead(Vec3 $point, Vec3 $axis, array $cells, string $who): array
    {
        return $this->gathered($point, [[$axis, true], ...array_map(static fn (Vec3 $n): array => [$n, false], $cells)], $who);
    }

    /**
     * @return array{float, float} lumens that come in, by lamps and by day, and that surfaces take: what is lost in the sum is the
     *     difference
     */
    public function taken(): array
    {
        return array_map(function (RoomGlow $glow): float {
            $taken = 0.0;
            foreach ($this->areas as $i => $area) {
                $taken += $area * $glow->lux[$i] * (1 - ($this->patches->all[$i]->gives ?? Clutter::GIVES));
            }

            return $taken;
        }, $this->glow);
    }

    /** @return array{float, float} */
    private function rough(Vec3 $point, Vec3 $axis, bool $isDome): array
    {
        [$lamps, $day, $sum] = [0.0, 0.0, 0.0];
        foreach ($this->patches->all as $i => $patch) {
            [$dx, $dy, $dz] = [$patch->middle->x - $point->x, $patch->middle->y - $point->y, $patch->middle->z - $point->z];
            $square = $dx * $dx + $dy * $dy + $dz * $dz + 1e-9;
            $leaving = -($patch->normal->x * $dx + $patch->normal->y * $dy + $patch->normal->z * $dz);
            if ($leaving <= 0.0) {
                continue;
            }
            $falling = ($axis->x * $dx + $axis->y * $dy + $axis->z * $dz) / sqrt($square);
            $takes = $isDome ? (1 + $falling) / 2 : $falling;
            if ($takes > 0.0) {
                // As a disc of its area gives; near by that is off, and made good by the sum.
                $factor = $patch->areaM2 * $takes * $leaving / sqrt($square) / (M_PI * $square + $patch->areaM2);
                $lamps += $factor * $this->glow[0]->back[$i];
                $day += $factor * $this->glow[1]->back[$i];
                $sum += $factor;
            }
        }

        return self::evened($lamps, $day, $sum, $isDome);
    }

    /**
     * Several meters at one point: what hides what is looked for once.
     *
     * @param  non-empty-list<array{Vec3, bool}>  $meters  normal, and whether it is a dome
     * @return non-empty-list<array{float, float}>
     */
    private function gathered(Vec3 $point, array $meters, string $but): array
    {
        [$byLamps, $byDay, $sums] = array_fill(0, 3, array_fill(0, count($meters), 0.0));
        $count = count($this->patches->all);
        $key = implode(
            ' ',
            [
                $point->x,
                $point->y,
                $point->z,
                $but,
                ...array_map(static fn (array $m): string => $m[0]->x.' '.$m[0]->y.' '.$m[0]->z.($m[1] ? ' dome' : ''), $meters),
            ],
        );
        foreach ($this->patches->ways($key, fn (): array => $this->looked($point, $meters, $but)) as [$i, $k, $met, $factors]) {
            // What stands before it is what is seen there.
            $lamps = $met === null ? $this->glow[0]->parts[$i][$k] : $this->glow[0]->back[$count + $met];
            $day = $met === null ? $this->glow[1]->parts[$i][$k] : $this->glow[1]->back[$count + $met];
            foreach ($factors as $m => $factor) {
                $byLamps[$m] += $factor * $lamps;
                $byDay[$m] += $factor * $day;
                $sums[$m] += $factor;
            }
        }

        return array_map(
            static fn (float $l, float $d, float $s, array $m): array => self::evened($l, $d, $s, $m[1]),
            $byLamps,
            $byDay,
            $sums,
            $meters,
        );
    }

    /**
     * What meters at one point see of every part: how much each counts, and what stands before it.
     *
     * @param  non-empty-list<array{Vec3, bool}>  $meters
     * @return list<array{int, int, int|null, list<float>}>
     */
    private function looked(Vec3 $point, array $meters, string $but): array
    {
        $ways = [];
        foreach ($this->patches->parts as $i => $parts) {
            foreach ($parts as $k => $part) {
                [$dx, $dy, $dz] = [$part->middle->x - $point->x, $part->middle->y - $point->y, $part->middle->z - $point->z];
                $leaving = -($part->normal->x * $dx + $part->normal->y * $dy + $part->normal->z * $dz);
                if ($leaving <= 1e-6 || ! $this->patches->isOpen($point, $part->middle)) {
                    continue;
                }
                $square = $dx * $dx + $dy * $dy + $dz * $dz;
                $isNear = $square < self::NEAR_SIZES * $part->areaM2;
                $factors = [];
                foreach ($meters as [$axis, $isDome]) {
                    if ($isNear) {
                        $factors[] = $isDome
                            ? PolygonSource::domePerNit($part->corners, $point, $axis)
                            : PolygonSource::luxPerNit($part->corners, $point, $axis);
                    } else {
                        $falling = ($axis->x * $dx + $axis->y * $dy + $axis->z * $dz) / sqrt($square);
                        $takes = $isDome ? (1 + $falling) / 2 : max(0.0, $falling);
                        $factors[] = $part->areaM2 * $takes * $leaving / (sqrt($square) * $square);
                    }
                }
                $ways[] = [$i, $k, $this->patches->between($point, $part->middle, $but), $factors];
            }
        }

        return $ways;
    }

    /**
     * All directions together are 1 on a plane and 2 on a dome.
     *
     * @return array{float, float}
     */
    private static function evened(float $lamps, float $day, float $sum, bool $isDome): array
    {
        $whole = $isDome ? 2.0 : 1.0;
        $scale = $sum > 1e-9 ? $whole / $sum : 0.0;

        return [$lamps * $scale, $day * $scale];
    }

    private function balanced(DirectLux $direct): RoomGlow
    {
        $count = count($this->patches->all);
        $gives = [
            ...array_map(static fn (RoomPatch $p): float => $p->gives, $this->patches->all),
            ...array_fill(0, count($this->patches->clutter), Clutter::GIVES),
        ];
        $lux = $direct->onPatches($this->patches);
        foreach ($direct->lumensOnClutter as $c => $lumens) {
            $lux[] = $this->areas[$count + $c] > 0.0 ? $lumens / $this->areas[$count + $c] : 0.0;
        }
        $back = Radiosity::balance(
            $this->exchange,
            $this->areas,
            $gives,
            array_map(static fn (float $l, float $g): float => $l * $g, $lux, $gives),
            self::STILL,
        );

        return RoomGlow::of($this->patches, $gives, $direct->onParts, $lux, $back);
    }

    private function byDay(DirectLight $direct, Windows $windows, float $roomFactor): RoomGlow
    {
        [$glow, $this->sunShare] = $this->patches->under($windows->key(), $this->shared, function () use ($direct, $windows): array {
            [$lux, $sunShare] = $direct->ofDay($windows);

            return [$this->balanced($lux), $sunShare];
        });

        return $glow->times($roomFactor);
    }
}
