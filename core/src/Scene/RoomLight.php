<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;
use FineFrame\Light\SoftBox;
use FineFrame\Sound\Material as Lining;
use FineFrame\Space\CeilingKind;
use FineFrame\Space\OpeningKind;
use FineFrame\Space\PlacedRoom;

/**
 * What a room gives back: walls, floor and ceiling in a few dozen patches that exchange light until it is balanced.
 *
 * Radiosity: E = D + F·ρ·E. Form factors between patches by their middles, `A·cos·cos′/(π·d² + A)` (a disc's), then made
 * to keep all light: each row and column is scaled until a patch's factors to all others sum to one. Furniture and people
 * neither shade nor give back here; glass counts as dark.
 */
final class RoomLight
{
    /** About so many patches; a room ten times as large has no more. */
    private const PATCHES = 36;

    private const FINEST_M = 0.5;

    /** Share that window glass sends back. */
    private const GLASS = 0.1;

    /** Rays, a side, by which a projector's picture is shared out. */
    private const RAYS = 8;

    /** Rounds at most, and the change of all light from one to the next at which it is balanced. */
    private const BALANCE = 80;

    private const STILL = 1e-3;

    /** @var list<array{float, float, float, float, float, float, float, float}> middle, inward normal, area, share given back */
    private array $patches = [];

    /** @var list<list<float>> form factors times areas, alike both ways */
    private array $exchange = [];

    /** Of the daylight that comes in, what the sun itself brings. */
    public float $sunShare = 0.0;

    /** @var list<float> lumens a square metre that each patch gives back, of the lamps' light */
    private array $ofLamps;

    /** @var list<float> of daylight */
    private array $ofDay;

    public function __construct(Scene $scene, ?Windows $windows, float $roomFactor = 1.0)
    {
        $this->lay($scene);
        $outlines = $this->isOdd($scene) ? array_map(static fn (PlacedRoom $r): array => array_map(static fn (Vec2 $c): array => [$c->x, $c->y], $r->room->floor->corners), $scene->setup->room->all) : [];
        $this->exchange = $scene->shared->exchange(fn (): array => (new FormFactors($this->patches))->exchange($outlines));
        $this->ofLamps = $this->balance($this->byLamps($scene));
        $this->ofDay = $windows === null ? array_fill(0, count($this->patches), 0.0) : array_map(static fn (float $b): float => $roomFactor * $b, $this->balance($this->byDay($windows)));
    }

    /** The same room and lamps under another daylight. */
    public function under(Windows $windows, float $roomFactor = 1.0): self
    {
        $other = clone $this;
        $other->ofDay = array_map(static fn (float $b): float => $roomFactor * $b, $other->balance($other->byDay($windows)));

        return $other;
    }

    /**
     * Lux on a surface at a point of what walls, floor and ceiling give back.
     *
     * @return array{float, float} of the lamps' light, of daylight
     */
    public function at(Vec3 $point, Vec3 $normal): array
    {
        return $this->gathered($point, $normal, false);
    }

    /**
     * The same as a meter's dome reads it, turned along an axis: (1 + cos)/2 to each direction.
     *
     * @return array{float, float}
     */
    public function dome(Vec3 $point, Vec3 $axis): array
    {
        return $this->gathered($point, $axis, true);
    }

    /** @return array{float, float} lumens that come in, by lamps and by day, and that walls, floor and ceiling take: what is lost in the sum is the difference */
    public function taken(): array
    {
        $taken = [0.0, 0.0];
        foreach ($this->patches as $i => [, , , , , , $area, $rho]) {
            $rho <= 0.0 ?: $taken = [$taken[0] + $area * $this->ofLamps[$i] * (1 - $rho) / $rho, $taken[1] + $area * $this->ofDay[$i] * (1 - $rho) / $rho];
        }

        return $taken;
    }

    /** @return array{float, float} */
    private function gathered(Vec3 $point, Vec3 $axis, bool $isDome): array
    {
        [$lamps, $day] = [0.0, 0.0];
        foreach ($this->patches as $i => [$x, $y, $z, $nx, $ny, $nz, $area]) {
            [$dx, $dy, $dz] = [$x - $point->x, $y - $point->y, $z - $point->z];
            $square = $dx * $dx + $dy * $dy + $dz * $dz + 1e-9;
            $leaving = -($nx * $dx + $ny * $dy + $nz * $dz);
            if ($leaving <= 0.0) {
                continue;
            }
            $falling = ($axis->x * $dx + $axis->y * $dy + $axis->z * $dz) / sqrt($square);
            $takes = $isDome ? (1 + $falling) / 2 : $falling;
            if ($takes > 0.0) {
                $factor = $area * $takes * $leaving / sqrt($square) / (M_PI * $square + $area);
                $lamps += $factor * $this->ofLamps[$i];
                $day += $factor * $this->ofDay[$i];
            }
        }

        return [$lamps, $day];
    }

    private function lay(Scene $scene): void
    {
        $faces = array_map(static fn (Solid $s): FlatFace => new FlatFace($s), $scene->shell);
        $size = max(self::FINEST_M, sqrt(array_sum(array_map(static fn (FlatFace $f): float => $f->areaM2(), $faces)) / self::PATCHES));
        $glass = $this->glass($scene);
        foreach ($scene->shell as $i => $solid) {
            [$nx, $ny, $nz] = $solid->planes()[0];
            $rho = self::lining($scene, $solid);
            foreach (Patches::of($faces[$i], $size) as [$middle, $area]) {
                $share = $glass[$solid->owner] ?? 0.0;
                $this->patches[] = [$middle->x, $middle->y, $middle->z, $nx, $ny, $nz, $area, $rho * (1 - $share) + self::GLASS * $share];
            }
        }
        foreach ($scene->setup->room->all as $room) {
            foreach ($room->room->ceiling->kind === CeilingKind::None ? [$room] : [] as $open) {
                $this->openTo($open);
            }
        }
    }

    /** Where nothing is overhead, what goes up does not come back. */
    private function openTo(PlacedRoom $room): void
    {
        $middle = $room->room->floor->middle();
        $this->patches[] = [$middle->x, $middle->y, $room->room->heightM, 0.0, 0.0, -1.0, abs($room->room->floor->signedArea()), 0.0];
    }

    /** @return array<string, float> the share of each wall that windows are */
    private function glass(Scene $scene): array
    {
        $share = [];
        foreach ($scene->setup->room->openings as $opening) {
            $wall = $opening->kind === OpeningKind::Window ? $scene->setup->room->wall($opening->wall) : null;
            $wall === null ?: $share[$opening->wall] = min(1.0, ($share[$opening->wall] ?? 0.0) + $opening->widthM * ($opening->headM - $opening->sillM) / max(0.1, $wall->line->length() * $scene->setup->room->heightM));
        }

        return $share;
    }

    /** The share of light that a face of the room sends back. */
    public static function lining(Scene $scene, Solid $solid): float
    {
        $at = new Vec2($solid->centre[0], $solid->centre[1]);
        $room = $scene->setup->room->first();
        foreach ($scene->setup->room->all as $one) {
            $room = $solid->material === Material::Wall ? ($one->room->wall($solid->owner) === null ? $room : $one->room) : ($one->room->floor->contains($at) ? $one->room : $room);
        }
        $materials = $scene->setup->plan->kit->materials + Lining::shipped();
        $id = match ($solid->material) {
            Material::Floor => $room->surfaces->floor,
            Material::Ceiling => $room->surfaces->ceiling,
            default => $room->surfaces->of($solid->owner),
        };

        return ($materials[$id] ?? $materials['painted-brick'])->light;
    }

    /** Whether some patches may not see each other: a room with an inner corner, or several. */
    private function isOdd(Scene $scene): bool
    {
        $room = $scene->setup->room;
        $corners = $room->first()->floor->corners;
        $count = count($corners);
        foreach ($corners as $i => $corner) {
            if ($corners[($i + 1) % $count]->minus($corner)->cross($corners[($i + 2) % $count]->minus($corners[($i + 1) % $count])) < -1e-9) {
                return true;
            }
        }

        return count($room->all) > 1;
    }

    /**
     * @param  list<float>  $direct  lux on each patch
     * @return list<float> what each gives back when all is balanced
     */
    private function balance(array $direct): array
    {
        $back = array_map(static fn (float $lux, array $p): float => $lux * $p[7], $direct, $this->patches);
        for ($round = 0, $moved = INF; $round < self::BALANCE && $moved > self::STILL * array_sum($back); $round++) {
            $moved = 0.0;
            foreach ($this->patches as $i => $patch) {
                $sum = 0.0;
                foreach ($this->exchange[$i] as $j => $factor) {
                    $sum += $factor * $back[$j];
                }
                $now = $patch[7] * ($direct[$i] + $sum / $patch[6]);
                $moved += abs($now - $back[$i]);
                $back[$i] = $now;
            }
        }

        return array_values($back);
    }

    /** @return list<float> lux on each patch; as many lumens in all as the lamps give */
    private function byLamps(Scene $scene): array
    {
        $lux = array_fill(0, count($this->patches), 0.0);
        foreach (array_filter($scene->lamps, static fn (SoftBox $b): bool => $b->placement->on) as $id => $lamp) {
            $parts = $scene->isOutside($id) ? self::throughWindows($scene, $lamp) : self::thrown($scene, $lamp);
            if ($parts !== null) {
                $lux = $this->struck($lux, $parts);

                continue;
            }
            $own = [];
            $lumens = 0.0;
            [$at, $facing, $candela] = [$lamp->centre(), $lamp->facing(), $lamp->candela()];
            $spread = $lamp->emitter->widthM * $lamp->emitter->heightM / M_PI;
            foreach ($this->patches as $i => [$x, $y, $z, $nx, $ny, $nz, $area]) {
                if ($lamp->emitter->isEven()) {
                    // As small at d² + area/π: near enough for patches, and what is lost or won is evened out below.
                    [$dx, $dy, $dz] = [$x - $at->x, $y - $at->y, $z - $at->z];
                    $square = $dx * $dx + $dy * $dy + $dz * $dz + 1e-9;
                    $off = ($facing->x * $dx + $facing->y * $dy + $facing->z * $dz) * -($nx * $dx + $ny * $dy + $nz * $dz);
                    $own[$i] = $off > 0.0 && $nx * $dx + $ny * $dy + $nz * $dz < 0.0 ? $candela * $off / ($square * ($square + $spread)) : 0.0;
                } else {
                    $own[$i] = $lamp->luxAt(new Vec3($x, $y, $z), new Vec3($nx, $ny, $nz));
                }
                $lumens += $own[$i] * $area;
            }
            $given = $lamp->lumens();
            $scale = $given === null || $lumens <= 0.0 ? 1.0 : $given / $lumens;
            foreach ($own as $i => $value) {
                $lux[$i] += $scale * $value;
            }
        }

        return array_values($lux);
    }

    /** @return list<float> */
    private function byDay(Windows $windows): array
    {
        $lux = array_map(static fn (array $p): float => $p[7] <= 0.0 ? 0.0 : array_sum($windows->diffuse(new Vec3($p[0], $p[1], $p[2]), new Vec3($p[3], $p[4], $p[5]))) + $windows->openSunOn(new Vec3($p[0], $p[1], $p[2]), new Vec3($p[3], $p[4], $p[5])), $this->patches);
        $sky = 0.0;
        foreach ($lux as $i => $one) {
            $sky += $one * $this->patches[$i][6];
        }
        $sun = array_sum(array_column($windows->sunParts(), 1));
        $this->sunShare = $sun / max(1e-9, $sun + $sky);

        return $this->struck($lux, $windows->sunParts());
    }

    /**
     * Light that falls on small places, given to the patch that each is on.
     *
     * @param  array<int, float>  $lux  by patch, to which it is added
     * @param  list<array{Vec3, float}>  $parts  places, lumens
     * @return list<float>
     */
    private function struck(array $lux, array $parts): array
    {
        foreach ($parts as [$middle, $lumens]) {
            [$nearest, $best] = [0, INF];
            foreach ($this->patches as $i => [$x, $y, $z, $nx, $ny, $nz]) {
                $off = abs($nx * ($middle->x - $x) + $ny * ($middle->y - $y) + $nz * ($middle->z - $z));
                $distance = ($middle->x - $x) ** 2 + ($middle->y - $y) ** 2 + ($middle->z - $z) ** 2 + 100 * $off;
                $distance >= $best ?: [$nearest, $best] = [$i, $distance];
            }
            $lux[$nearest] += $lumens / $this->patches[$nearest][6];
        }

        return array_values($lux);
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
            [$x, $y] = [((intdiv($i, self::RAYS) + 0.5) / self::RAYS - 0.5) / $picture->throw, (($i % self::RAYS + 0.5) / self::RAYS - 0.5) / $picture->throw / $picture->ratio];
            $way = $lamp->facing()->plus($right->times($x))->plus($up->times($y));
            $met = array_filter(array_map(static fn (Solid $s): ?float => $s->hitBy([$lamp->centre()->x, $lamp->centre()->y, $lamp->centre()->z], [$way->x, $way->y, $way->z]), $scene->shell), static fn (?float $t): bool => $t !== null && $t > 1e-4);
            $met === [] ?: $parts[] = [$lamp->centre()->plus($way->times(min($met))), $lamp->lumensAhead() / self::RAYS ** 2];
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
            $lumens <= 0.0 || $nearest === INF ?: $parts[] = [$lamp->centre()->plus($way->times($nearest)), $lumens];
        }

        return $parts;
    }
}
