<?php

declare(strict_types=1);

namespace FineFrame\Sun;

use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;
use FineFrame\Space\CeilingKind;
use FineFrame\Space\Curtain;
use FineFrame\Space\Glazing;
use FineFrame\Space\Opening;
use FineFrame\Space\OpeningKind;
use FineFrame\Space\Room;
use FineFrame\Space\Rooms;
use FineFrame\Space\Wall;

/**
 * Direct sun through a room's windows. A ray enters at a window and runs on until the first wall or the floor; what
 * stands in the room casts no shadow here, the reveal does. Closed geometry, for rooms of any shape. Whether sun strikes
 * a point is also followed through open doors; patches end at the doorway of the window's own room.
 */
final readonly class SunInRoom
{
    private const GRAZING = 1e-6;

    /** @var array<string, Opening> by id */
    private array $windows;

    /**
     * @param  bool  $withSheers  whether what comes through the weave of a sheer counts: as light it does, as a stripe on a face it does
     *     not
     */
    public function __construct(private Rooms $room, bool $withSheers = false)
    {
        $passes = static fn (Opening $o): bool => $o->curtain->passesSun() || ($withSheers && $o->curtain === Curtain::Sheer);
        $windows = array_values(
            array_filter(
                $room->openings,
                static fn (Opening $o): bool => $o->kind === OpeningKind::Window && $passes($o) && $o->glazing !== Glazing::Frosted,
            ),
        );
        $this->windows = array_combine(array_map(static fn (Opening $o): string => $o->id, $windows), $windows);
    }

    /** @return list<SunPatch> none when the sun is down or behind every window's wall */
    public function patches(Sun $sun): array
    {
        return array_merge([], ...array_map(fn (Opening $w): array => $this->through($w, $sun), array_values($this->windows)));
    }

    /** @return array<string, string> ids of the windows that sun can come through */
    public function windows(): array
    {
        return array_combine(array_keys($this->windows), array_keys($this->windows));
    }

    public function comesThrough(string $window, Sun $sun): bool
    {
        return $this->entry($this->windows[$window], $sun) !== null;
    }

    /** Whether there is nothing but sky over a place. */
    public function isUnderSky(Vec3 $point): bool
    {
        foreach ($this->room->all as $one) {
            if ($one->room->ceiling->kind === CeilingKind::None && $one->room->floor->contains($point->floor())) {
                return true;
            }
        }

        return false;
    }

    /** Whether direct sun reaches a point: over the walls where nothing is overhead, else through a window. */
    public function strikes(Vec3 $point, Sun $sun): bool
    {
        return $sun->altitudeRad > 0 && ($this->isOverTheWalls($point, $sun) || $this->windowStruck($point, $sun) !== null);
    }

    /** The share of an opening's area that the sun comes through once the reveal has cut its part. */
    public function shareLit(Opening $window, Sun $sun): float
    {
        $entry = $this->entry($window, $sun);

        return $entry === null
            ? 0.0
            : ($entry[1] - $entry[0]) * ($entry[3] - $entry[2]) / ($window->widthM * ($window->headM - $window->sillM));
    }

    /** In the open, walls of a yard throw their shadow; over them the sun is free. */
    public function isOverTheWalls(Vec3 $point, Sun $sun): bool
    {
        if (! $this->isUnderSky($point)) {
            return false;
        }
        [$distance] = $this->room->firstWall($point->floor(), $this->bearing($sun));

        return $point->z + $distance * tan($sun->altitudeRad) > $this->room->heightM;
    }

    /** The window through which direct sun reaches a point. */
    public function windowStruck(Vec3 $point, Sun $sun): ?string
    {
        if ($sun->altitudeRad <= 0) {
            return null;
        }
        $towards = $this->bearing($sun);
        [$distance, $wall] = $this->room->firstWall($point->floor(), $towards);
        if ($wall === null) {
            return null;
        }
        foreach ($this->room->joints as $joint) {
            $through = $joint->here->hitBy($point->floor(), $towards);
            $height = $point->z + ($through ?? 0.0) * tan($sun->altitudeRad);
            if ($through !== null && $through < $distance && ($height > $joint->opening->headM || $height < $joint->opening->sillM)) {
                return null;
            }
        }
        $at = $point->floor()->plus($towards->times($distance));
        $along = ($this->room->wall($wall->id) ?? $wall)->line->direction()->dot(
            $at->minus(($this->room->wall($wall->id) ?? $wall)->line->from),
        );
        $height = $point->z + $distance * tan($sun->altitudeRad);
        foreach ($this->windows as $window) {
            $entry = $window->wall === $wall->id ? $this->entry($window, $sun) : null;
            if ($entry !== null && $along >= $entry[0] && $along <= $entry[1] && $height >= $entry[2] && $height <= $entry[3]) {
                return $window->id;
            }
        }

        return null;
    }

    /** The way to the sun in the room's axes. */
    public function towards(Sun $sun): Vec3
    {
        return $this->bearing($sun)->times(cos($sun->altitudeRad))->at(sin($sun->altitudeRad));
    }

    /** The way to the sun over the plan, whose +y lies at `north` of true. */
    private function bearing(Sun $sun): Vec2
    {
        return Vec2::towards($sun->azimuthRad - $this->room->northRad);
    }

    /**
     * The part of a window that the sun comes through once the reveal has cut its share.
     *
     * @return array{float, float, float, float}|null along the wall from and to, sill and head, metres
     */
    private function entry(Opening $window, Sun $sun): ?array
    {
        $wall = $this->room->wallOf($window);
        $towards = $this->bearing($sun);
        $out = -$towards->dot($wall->inward());
        if ($sun->altitudeRad <= 0 || $out <= self::GRAZING) {
            return null;
        }
        $slide = $window->revealM * $towards->dot($wall->line->direction()) / $out;
        $rise = $window->revealM * tan($sun->altitudeRad) / $out;
        $from = $window->offsetM + max(0.0, -$slide);
        $to = $window->offsetM + $window->widthM - max(0.0, $slide);
        $head = $window->headM - $rise;

        return $to > $from && $head > $window->sillM ? [$from, $to, $window->sillM, $head] : null;
    }

    /** @return list<SunPatch> */
    private function through(Opening $window, Sun $sun): array
    {
        $entry = $this->entry($window, $sun);
        if ($entry === null) {
            return [];
        }
        [$from, $to, $sill, $head] = $entry;
        $wall = $this->room->wallOf($window);
        $inwards = $this->bearing($sun)->times(-1.0);
        $patches = [];
        foreach ($this->strips($wall, $from, $to, $inwards) as [$s0, $s1, $hit, $d0, $d1]) {
            $strip = [$wall->along($s0), $wall->along($s1), $d0, $d1, $inwards];
            array_push($patches, ...$this->strip($window->id, $hit, $strip, $sill, $head, tan($sun->altitudeRad)));
        }

        return $patches;
    }

    /**
     * The window cut where the rays meet another wall first.
     *
     * @return list<array{float, float, ?string, float, float}> along the wall from and to, the wall met, and the distances to it at both
     *     ends
     */
    private function strips(Wall $wall, float $from, float $to, Vec2 $inwards): array
    {
        $cuts = [$from, $to];
        $across = $wall->line->direction()->cross($inwards);
        foreach ($this->around($wall)->floor->corners as $corner) {
            $gap = $corner->minus($wall->line->from);
            $along = $gap->cross($inwards) / $across;
            if ($along > $from && $along < $to) {
                $cuts[] = $along;
            }
        }
        sort($cuts);
        $strips = [];
        for ($i = 1; $i < count($cuts); $i++) {
            [$a, $b] = [$cuts[$i - 1], $cuts[$i]];
            if ($b - $a < 1e-9) {
                continue;
            }
            [, $met] = $this->beyond($wall, $wall->along(($a + $b) / 2), $inwards);
            $strips[] = [
                $a,
                $b,
                $met?->id,
                ...(
                    $met === null
                    ? [INF, INF]
                    : [self::reach($met, $wall->along($a), $inwards), self::reach($met, $wall->along($b), $inwards)]
                ),
            ];
        }

        return $strips;
    }

    /** @return array{float, ?Wall} the first wall after the one that the ray comes through */
    private function beyond(Wall $but, Vec2 $from, Vec2 $towards): array
    {
        [$nearest, $met] = [INF, null];
        foreach ($this->around($but)->faces as $wall) {
            $distance = $wall->id === $but->id ? null : $wall->line->hitBy($from, $towards);
            if ($distance !== null && $distance < $nearest) {
                [$nearest, $met] = [$distance, $wall];
            }
        }

        return [$nearest, $met];
    }

    /** The room that a wall is of. */
    private function around(Wall $wall): Room
    {
        foreach ($this->room->all as $one) {
            if ($one->room->wall($wall->id) !== null) {
                return $one->room;
            }
        }

        return $this->room->first();
    }

    /** The distance to a wall's line, which the ray may meet a hair past its end. */
    private static function reach(Wall $wall, Vec2 $from, Vec2 $towards): float
    {
        $along = $wall->line->direction();

        return $wall->line->from->minus($from)->cross($along) / $towards->cross($along);
    }

    /**
     * @param  array{Vec2, Vec2, float, float, Vec2}  $strip
     * @return list<SunPatch>
     */
    private function strip(string $window, ?string $wall, array $strip, float $sill, float $head, float $tan): array
    {
        [$a, $b, $da, $db, $towards] = $strip;
        [$near, $far] = [$sill / $tan, $head / $tan];
        $shares = [0.0, 1.0];
        foreach ([$near, $far] as $limit) {
            $share = is_finite($da) && abs($db - $da) > 1e-12 ? ($limit - $da) / ($db - $da) : -1.0;
            if ($share > 0 && $share < 1) {
                $shares[] = $share;
            }
        }
        sort($shares);
        $patches = [];
        for ($i = 1; $i < count($shares); $i++) {
            $ends = [];
            foreach ([$shares[$i - 1], $shares[$i]] as $share) {
                $ends[] = [$a->plus($b->minus($a)->times($share)), is_finite($da) ? $da + ($db - $da) * $share : INF];
            }
            $middle = is_finite($da) ? ($ends[0][1] + $ends[1][1]) / 2 : INF;
            if ($middle > $near) {
                $patches[] = new SunPatch(
                    $window,
                    null,
                    [
                        self::landed($ends[0], $near, $towards),
                        self::landed($ends[1], $near, $towards),
                        self::landed($ends[1], $far, $towards),
                        self::landed($ends[0], $far, $towards),
                    ],
                );
            }
            if ($middle < $far) {
                $patches[] = new SunPatch(
                    $window,
                    $wall,
                    [
                        self::raised($ends[0], $sill, $towards, $tan),
                        self::raised($ends[1], $sill, $towards, $tan),
                        self::raised($ends[1], $head, $towards, $tan),
                        self::raised($ends[0], $head, $towards, $tan),
                    ],
                );
            }
        }

        return $patches;
    }

    /**
     * Where a ray lands on the floor, not beyond the wall it meets.
     *
     * @param  array{Vec2, float}  $ray  where it enters, and the distance to the wall
     */
    private static function landed(array $ray, float $distance, Vec2 $towards): Vec3
    {
        return $ray[0]->plus($towards->times(min($distance, $ray[1])))->at(0.0);
    }

    /**
     * Where a ray from an edge of the window meets the wall, not below the floor.
     *
     * @param  array{Vec2, float}  $ray  where it enters, and the distance to the wall
     */
    private static function raised(array $ray, float $edge, Vec2 $towards, float $tan): Vec3
    {
        return $ray[0]->plus($towards->times($ray[1]))->at(max(0.0, $edge - $ray[1] * $tan));
    }
}
