<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Vec3;
use FineFrame\Light\Daylight;
use FineFrame\Light\PolygonSource;
use FineFrame\Light\Veil;
use FineFrame\Space\CeilingKind;
use FineFrame\Space\Opening;
use FineFrame\Space\OpeningKind;
use FineFrame\Space\PlacedRoom;
use FineFrame\Space\Rooms;
use FineFrame\Sun\Sun;
use FineFrame\Sun\SunInRoom;

/**
 * Daylight as it comes in: each window an even source, sky above the level of what it lights and ground below, and the sun
 * itself where its ray comes through.
 */
final class Windows
{
    /** Straight on and scattered: textbook values for clean glass, and for frosted glass that shows nothing. */
    private const GLASS = ['open' => [1.0, 0.0], 'single' => [0.88, 0.0], 'double' => [0.78, 0.0], 'frosted' => [0.0, 0.7]];

    /** A sheer lets a part through its weave; a lined curtain glows a little. */
    private const CLOTH = ['none' => [1.0, 0.0], 'sheer' => [0.12, 0.33], 'lined' => [0.0, 0.005], 'blackout' => [0.0, 0.0]];

    /**
     * @var array<string, array{non-empty-list<Vec3>, Veil, Vec3, Opening, float}> corners seen from inside, what glass and cloth do, inward
     *     normal, and cd/m² of a pane that scatters, all told
     */
    private array $panes = [];

    private readonly SunInRoom $sunlight;

    public function __construct(
        private readonly Rooms $rooms,
        public readonly Daylight $day,
        public readonly Sun $sun,
        private readonly bool $isUp,
    ) {
        $this->sunlight = new SunInRoom($rooms, true);
        foreach ($rooms->openings as $opening) {
            $veil = self::veil($opening);
            if ($opening->kind !== OpeningKind::Window || $veil->passes() <= 0.0) {
                continue;
            }
            $line = $rooms->lineOf($opening);
            $inward = $rooms->wallOf($opening)->inward();
            [$left, $right] = [$line->to, $line->from];
            $this->panes[$opening->id] = [
                [$left->at($opening->sillM), $right->at($opening->sillM), $right->at($opening->headM), $left->at($opening->headM)],
                $veil,
                $inward->at(0.0),
                $opening,
                $veil->scatters() ? $this->glow($opening, $veil, $inward->at(0.0)) : 0.0,
            ];
        }
    }

    /** The same for the same light through the same windows. */
    public function key(): string
    {
        return hash('xxh128', serialize([$this->panes, $this->day, $this->sun, $this->isUp, $this->rooms->northRad]), true);
    }

    public static function veil(Opening $opening): Veil
    {
        return (new Veil(...self::CLOTH[$opening->curtain->value]))->behind(new Veil(...self::GLASS[$opening->glazing->value]));
    }

    /** Cd/m² of a pane that scatters: a lit cloth, by sky and ground before it and by the sun as far as the reveal lets it. */
    private function glow(Opening $opening, Veil $veil, Vec3 $inward): float
    {
        $sky = ($this->day->skyLux + M_PI * $this->day->groundNits()) / 2;
        $sun = ! $this->isUp
            ? 0.0
            : Veil::onPane($this->day->sunLux, $this->towardsSun(), $inward) * $this->sunlight->shareLit($opening, $this->sun);

        return $veil->exitance($sun, $sky) / M_PI;
    }

    /** Lux of open sky and ground as a dome reads it whose axis lies level: each half of all that is around it. */
    public function openSky(Vec3 $point): float
    {
        return $this->sunlight->isUnderSky($point) ? $this->day->skyLux + M_PI * $this->day->groundNits() : 0.0;
    }

    /** @return array<string, float> lux of sky and ground on a surface at a point, by window, nothing in the way; `sky` in the open */
    public function diffuse(Vec3 $point, Vec3 $normal): array
    {
        $lux = $this->sunlight->isUnderSky($point)
            ? ['sky' => (1 + $normal->z) / 2 * $this->day->skyLux + (1 - $normal->z) / 2 * M_PI * $this->day->groundNits()]
            : [];
        foreach ($this->panes as $id => [$corners, $veil, $inward, $opening, $nits]) {
            if ($nits > 0.0) {
                // The cloth hangs on the inner side: the reveal cuts nothing of it.
                $lux[$id] = $nits * PolygonSource::luxPerNit($corners, $point, $normal);

                continue;
            }
            $seen = self::pastReveal($corners, $inward, $opening->revealM, $point);
            $lux[$id] = $seen === []
                ? 0.0
                : $veil->passes() * (
                    $this->day->skyNits() * self::part($seen, $point->z, INF, $point, $normal)
                    + $this->day->groundNits() * self::part($seen, -INF, $point->z, $point, $normal)
                );
        }

        return $lux;
    }

    /** Lux of the sun itself, square to its rays, at a point; 0 where none comes through. */
    public function sunAt(Vec3 $point): float
    {
        if (! $this->isUp || $this->day->sunLux <= 0.0) {
            return 0.0;
        }
        if ($this->sunlight->isUnderSky($point)) {
            return $this->sunlight->isOverTheWalls($point, $this->sun) ? $this->day->sunLux : 0.0;
        }

        $through = $this->sunlight->windowStruck($point, $this->sun);

        return $through === null ? 0.0 : $this->day->sunLux * ($this->panes[$through][1]->direct ?? 0.0);
    }

    /** Lux of the sun on a surface in the open; through windows it comes by its patches. */
    public function openSunOn(Vec3 $point, Vec3 $normal): float
    {
        $slant = $this->towardsSun()->dot($normal);

        return $slant > 0.0 && $this->sunlight->isUnderSky($point) ? $slant * $this->sunAt($point) : 0.0;
    }

    /**
     * Where sun falls in the room.
     *
     * @return list<array{Vec3, float}> parts of its patches: middle, lumens
     */
    public function sunParts(): array
    {
        $parts = [];
        foreach ($this->isUp && $this->day->sunLux > 0 ? $this->sunlight->patches($this->sun) : [] as $patch) {
            $share = $this->panes[$patch->opening][1]->direct ?? 0.0;
            for ($i = 1; $share > 0.0 && $i < count($patch->corners) - 1; $i++) {
                array_push($parts, ...$this->quarters([$patch->corners[0], $patch->corners[$i], $patch->corners[$i + 1]], 2, $share));
            }
        }

        return $parts;
    }

    /**
     * A triangle cut into four, and these again.
     *
     * @param  array{Vec3, Vec3, Vec3}  $corners
     * @param  float  $share  of the sun that its window lets straight through
     * @return list<array{Vec3, float}>
     */
    private function quarters(array $corners, int $times, float $share): array
    {
        [$a, $b, $c] = $corners;
        if ($times === 0) {
            $square = abs($b->minus($a)->cross($c->minus($a))->dot($this->towardsSun())) / 2;

            return [[$a->plus($b)->plus($c)->times(1 / 3), $square * $this->day->sunLux * $share]];
        }
        [$ab, $bc, $ca] = [Vec3::between($a, $b, 0.5), Vec3::between($b, $c, 0.5), Vec3::between($c, $a, 0.5)];

        return [
            ...$this->quarters([$a, $ab, $ca], $times - 1, $share),
            ...$this->quarters([$ab, $b, $bc], $times - 1, $share),
            ...$this->quarters([$ca, $bc, $c], $times - 1, $share),
            ...$this->quarters([$ab, $bc, $ca], $times - 1, $share),
        ];
    }

    /** @return array<string, non-empty-list<Vec3>> corners of what lets light in, by window */
    public function outlines(): array
    {
        return array_map(static fn (array $p): array => $p[0], $this->panes);
    }

    /** @return array<string, Vec3> the middle of each */
    public function middles(): array
    {
        return array_map(static fn (array $p): Vec3 => Vec3::between($p[0][0], $p[0][2], 0.5)->plus($p[2]->times(0.02)), $this->panes);
    }

    /** Cd/m² that a window shows to a lens at this height that looks level. */
    public function nits(string $window): float
    {
        [, $veil, , , $nits] = $this->panes[$window] ?? [null, null, null, null, 0.0];

        return $nits > 0.0 ? $nits : ($veil?->passes() ?? 0.0) * $this->day->skyNits();
    }

    public function isOpen(): bool
    {
        return $this->panes !== []
            || array_filter($this->rooms->all, static fn (PlacedRoom $r): bool => $r->room->ceiling->kind === CeilingKind::None) !== [];
    }

    /** The way to the sun, unit. */
    public function towardsSun(): Vec3
    {
        return $this->sunlight->towards($this->sun);
    }

    /**
     * What a point sees of the outer opening through the inner one: a deep wall cuts it from the side and from above.
     *
     * @param  list<Vec3>  $corners  of the inner opening
     * @return list<Vec3>
     */
    private static function pastReveal(array $corners, Vec3 $inward, float $revealM, Vec3 $point): array
    {
        $ahead = $inward->dot($point->minus($corners[0]));
        if ($revealM <= 0.0 || $ahead <= 1e-6) {
            return $corners;
        }
        $keep = $ahead / ($ahead + $revealM);
        $along = $corners[1]->minus($corners[0])->unit();
        $width = $corners[0]->distanceTo($corners[1]);
        $at = $along->dot($point->minus($corners[0]));
        [$from, $to] = [max(0.0, $at - $at * $keep), min($width, $at + ($width - $at) * $keep)];
        [$low, $high] = [
            max($corners[0]->z, $point->z + ($corners[0]->z - $point->z) * $keep),
            min($corners[2]->z, $point->z + ($corners[2]->z - $point->z) * $keep),
        ];
        if ($to <= $from || $high <= $low) {
            return [];
        }
        $corner = static fn (float $s, float $z): Vec3 => new Vec3($corners[0]->x + $along->x * $s, $corners[0]->y + $along->y * $s, $z);

        return [$corner($from, $low), $corner($to, $low), $corner($to, $high), $corner($from, $high)];
    }

    /**
     * Lux per nit of the part of an upright pane between two heights.
     *
     * @param  list<Vec3>  $corners  lower left, lower right, upper right, upper left
     */
    private static function part(array $corners, float $from, float $to, Vec3 $point, Vec3 $normal): float
    {
        [$low, $high] = [max($corners[0]->z, $from), min($corners[2]->z, $to)];
        if ($high <= $low) {
            return 0.0;
        }
        $at = static fn (int $i, float $z): Vec3 => new Vec3($corners[$i]->x, $corners[$i]->y, $z);

        return PolygonSource::luxPerNit([$at(0, $low), $at(1, $low), $at(1, $high), $at(0, $high)], $point, $normal);
    }
}
