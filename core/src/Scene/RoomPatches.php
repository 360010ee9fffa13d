<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Convex;
use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;
use FineFrame\Sound\Material as Lining;
use FineFrame\Space\CeilingKind;
use FineFrame\Space\Opening;
use FineFrame\Space\OpeningKind;
use FineFrame\Space\PlacedRoom;

/** A room's surfaces in a few dozen patches, each in parts, and what stands in between: who sees whom. */
final class RoomPatches
{
    /** About so many patches; a room ten times as large has no more. */
    private const PATCHES = 36;

    private const FINEST_M = 0.5;

    /** A patch is cut into parts so large, metres, or into so many a side. */
    private const PART_M = 0.7;

    private const PARTS = 2;

    /** Share that window glass sends back. */
    private const GLASS = 0.1;

    /** @var list<RoomPatch> */
    public array $all = [];

    /** @var list<list<RoomPatch>> by patch */
    public array $parts = [];

    /** @var list<Clutter> */
    public readonly array $clutter;

    /** @var list<Solid> walls that may stand between two patches: none in a single room without an inner corner */
    private array $walls;

    /** @var list<array{float, float, float}> the plane that each of them stands in */
    private array $sides;

    /** Rooms whose exchange is kept for the next scene of the same room: mends and proposals make many of these. */
    private const KEPT = 6;

    /** @var array<string, self> by all that they depend on */
    private static array $made = [];

    /** @var list<list<float>>|null */
    private ?array $exchange = null;

    /** Meters whose ways to the surfaces are kept: those of every head and backdrop of a large setup. */
    private const KEPT_WAYS = 40;

    /** @var array<string, list<array{int, int, int|null, list<float>}>> by meter */
    private array $ways = [];

    private const KEPT_DAYS = 60;

    /** @var array<string, array{RoomGlow, float}> by daylight */
    private array $days = [];

    /** @var array<string, int|false|null> what stands between a source and a part: a piece of clutter, a wall (false), nothing */
    private array $met = [];

    /**
     * What a meter sees of each part of each patch, or of the clutter before it: the same under any light.
     *
     * @param  \Closure(): list<array{int, int, int|null, list<float>}>  $look
     * @return list<array{int, int, int|null, list<float>}>
     */
    public function ways(string $meter, \Closure $look): array
    {
        if (! isset($this->ways[$meter])) {
            if (count($this->ways) >= self::KEPT_WAYS) {
                array_shift($this->ways);
            }
            $this->ways[$meter] = $look();
        }

        return $this->ways[$meter];
    }

    /**
     * The room under a daylight: several moments of a day are looked at for every plan.
     *
     * @param  \Closure(): array{RoomGlow, float}  $look
     * @return array{RoomGlow, float} with the sun's share
     */
    public function under(string $daylight, Shared $shared, \Closure $look): array
    {
        if (! isset($this->days[$daylight])) {
            if (count($this->days) >= self::KEPT_DAYS) {
                array_shift($this->days);
            }
            $numbers = $shared->numbers(hash('xxh128', "day $this->key $daylight"), static function () use ($look): array {
                [$glow, $sunShare] = $look();

                return [$sunShare, ...$glow->numbers()];
            });
            $this->days[$daylight] = [RoomGlow::read($this, array_slice($numbers, 1)), $numbers[0] ?? 0.0];
        }

        return $this->days[$daylight];
    }

    /**
     * What a source that stays sees of a part: a piece of clutter before it, false where a wall stands between, null where nothing does.
     */
    public function before(Vec3 $from, int $patch, int $part): int|false|null
    {
        $key = "$from->x $from->y $from->z $patch $part";
        if (! array_key_exists($key, $this->met)) {
            $middle = $this->parts[$patch][$part]->middle;
            if (count($this->met) >= self::KEPT_SIGHTS) {
                $this->met = [];
            }
            $this->met[$key] = $this->isOpen($from, $middle) ? $this->between($from, $middle) : false;
        }

        return $this->met[$key];
    }

    private const KEPT_SIGHTS = 12_000;

    public static function of(Scene $scene): self
    {
        $key = self::key($scene);
        $made = self::$made[$key] ?? new self($scene, $key);
        unset(self::$made[$key]);
        self::$made[$key] = $made;
        if (count(self::$made) > self::KEPT) {
            array_shift(self::$made);
        }

        return $made;
    }

    private static function key(Scene $scene): string
    {
        $shell = array_map(static fn (Solid $s): array => [$s->owner, $s->points, self::lining($scene, $s)], $scene->shell);
        $glass = array_map(
            static fn (Opening $o): array => [$o->wall, $o->widthM, $o->sillM, $o->headM, $o->kind->value],
            $scene->setup->room->openings,
        );
        $open = array_map(static fn (PlacedRoom $r): string => $r->room->ceiling->kind->value, $scene->setup->room->all);

        return md5(serialize([$shell, $glass, $open, array_map(static fn (Clutter $c): string => $c->key(), Clutter::allOf($scene))]));
    }

    /** @return list<list<float>> form factors times areas: patches, then clutter */
    public function exchange(Shared $shared): array
    {
        if ($this->exchange === null) {
            $numbers = $shared->numbers(
                hash('xxh128', "exchange $this->key"),
                fn (): array => array_merge(...(new FormFactors($this))->exchange()),
            );
            $this->exchange = array_chunk($numbers, max(1, count($this->all) + count($this->clutter)));
        }

        return $this->exchange;
    }

    /** @param  string  $key  all that it depends on */
    private function __construct(Scene $scene, private readonly string $key)
    {
        $this->walls = self::isOdd($scene)
            ? array_values(array_filter($scene->shell, static fn (Solid $s): bool => $s->material === Material::Wall))
            : [];
        $this->sides = array_map(static fn (Solid $s): array => [$s->planes()[0][0], $s->planes()[0][1], $s->planes()[0][3]], $this->walls);
        $this->clutter = Clutter::allOf($scene);
        $faces = array_map(static fn (Solid $s): FlatFace => new FlatFace($s), $scene->shell);
        $size = max(self::FINEST_M, sqrt(array_sum(array_map(static fn (FlatFace $f): float => $f->areaM2(), $faces)) / self::PATCHES));
        $glass = self::glass($scene);
        foreach ($scene->shell as $i => $solid) {
            $share = $glass[$solid->owner] ?? 0.0;
            $this->lay($faces[$i], $size, self::lining($scene, $solid) * (1 - $share) + self::GLASS * $share);
        }
        foreach ($scene->setup->room->all as $room) {
            if ($room->room->ceiling->kind === CeilingKind::None) {
                // Where nothing is overhead, what goes up does not come back.
                $corners = array_map(static fn (Vec2 $c): Vec3 => $c->at($room->room->heightM), array_reverse($room->room->floor->corners));
                $sky = new RoomPatch(
                    $corners,
                    $room->room->floor->middle()->at($room->room->heightM),
                    new Vec3(0, 0, -1),
                    abs($room->room->floor->signedArea()),
                    0.0,
                );
                [$this->all[], $this->parts[]] = [$sky, [$sky]];
            }
        }
    }

    /** Whether everything sees everything: a single room without an inner corner and with nothing in it. */
    public function isClear(): bool
    {
        return $this->walls === [] && $this->clutter === [];
    }

    /** Whether no wall stands between. */
    public function isOpen(Vec3 $from, Vec3 $to): bool
    {
        [$eye, $ray] = [[$from->x, $from->y, $from->z], [$to->x - $from->x, $to->y - $from->y, $to->z - $from->z]];
        foreach ($this->walls as $i => $wall) {
            // Most walls lie on one side of both ends.
            [$nx, $ny, $off] = $this->sides[$i];
            if (($nx * $from->x + $ny * $from->y - $off > 1e-6) === ($nx * $to->x + $ny * $to->y - $off > 1e-6)) {
                continue;
            }
            $met = $wall->hitBy($eye, $ray);
            if ($met !== null && $met > 1e-3 && $met < 0.999) {
                return false;
            }
        }

        return true;
    }

    /** @return int|null the first of the clutter that stands between */
    public function between(Vec3 $from, Vec3 $to, string $but = ''): ?int
    {
        return $this->clutter === [] ? null : Clutter::between($this->clutter, $from, $to, $but);
    }

    /** @return array{int, int}|null patch and part that lie nearest to a place on the room's surfaces */
    public function nearest(Vec3 $place): ?array
    {
        [$nearest, $best] = [null, INF];
        foreach ($this->parts as $i => $parts) {
            foreach ($parts as $k => $part) {
                $to = $place->minus($part->middle);
                $distance = $to->dot($to) + 100 * abs($to->dot($part->normal));
                if ($distance < $best) {
                    [$nearest, $best] = [[$i, $k], $distance];
                }
            }
        }

        return $nearest;
    }

    private function lay(FlatFace $face, float $size, float $gives): void
    {
        foreach (Patches::of($face, $size) as $outline) {
            [$xs, $ys] = [array_column($outline, 0), array_column($outline, 1)];
            $side = max(max([-INF, ...$ys]) - min([INF, ...$ys]), max([-INF, ...$xs]) - min([INF, ...$xs]));
            $this->all[] = self::patch($face, $outline, $gives);
            $this->parts[] = array_map(
                static fn (array $part): RoomPatch => self::patch($face, $part, $gives),
                Patches::again($face, $outline, max(self::PART_M, $side / self::PARTS)),
            );
        }
    }

    /** @param  list<array{float, float}>  $outline */
    private static function patch(FlatFace $face, array $outline, float $gives): RoomPatch
    {
        return new RoomPatch(
            array_map($face->at(...), $outline),
            $face->at(Convex::centroid($outline)),
            $face->normal,
            Convex::area($outline),
            $gives,
        );
    }

    /** @return array<string, float> the share of each wall that windows are */
    private static function glass(Scene $scene): array
    {
        $share = [];
        foreach ($scene->setup->room->openings as $opening) {
            $wall = $opening->kind === OpeningKind::Window ? $scene->setup->room->wall($opening->wall) : null;
            if ($wall !== null) {
                $of = $opening->widthM * ($opening->headM - $opening->sillM) / max(
                    0.1,
                    $wall->line->length() * $scene->setup->room->heightM,
                );
                $share[$opening->wall] = min(1.0, ($share[$opening->wall] ?? 0.0) + $of);
            }
        }

        return $share;
    }

    /** The share of light that a face of the room sends back. */
    public static function lining(Scene $scene, Solid $solid): float
    {
        $at = new Vec2($solid->centre[0], $solid->centre[1]);
        $room = $scene->setup->room->first();
        foreach ($scene->setup->room->all as $one) {
            $isOf = $solid->material === Material::Wall ? $one->room->wall($solid->owner) !== null : $one->room->floor->contains($at);
            $room = $isOf ? $one->room : $room;
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
    private static function isOdd(Scene $scene): bool
    {
        $room = $scene->setup->room;
        $corners = $room->first()->floor->corners;
        $count = count($corners);
        foreach ($corners as $i => $corner) {
            if ($corners[($i + 1) % $count]->minus($corner)->cross(
                $corners[($i + 2) % $count]->minus($corners[($i + 1) % $count]),
            ) < -1e-9) {
                return true;
            }
        }

        return count($room->all) > 1;
    }
}
