<?php

declare(strict_types=1);

namespace FineFrame\Light;

use FineFrame\Geometry\Convex;
use FineFrame\Geometry\Vec3;

/**
 * What a lamp is with all that is put before it, at full power: the face that lights, how bright, how far aside it reaches, and
 * what of the light and its colour is lost on the way. Each modifier works on what the one before it gives.
 */
final readonly class Emitter
{
    /** Places on a cloth or board, a side, at which the light on it is taken. */
    private const GRID = 4;

    /** A grid's falling off in so many steps. */
    private const RINGS = 8;

    public const HARD_SIDES = 64;

    private const SOFT_SIDES = 16;

    /** A disc that is drawn by sides reaches past its circle and short of it by less than this, times its radius. */
    private const DRAWN = 1.03;

    /**
     * @param  float  $depthM  from the lit face back to the lamp's rear
     * @param  float|null  $nits  of an even face; null for a lamp by its intensities
     * @param  list<array{float, bool}>  $cuts  half angle, radians, and whether it cuts at once
     * @param  float  $passes  what gels, nets, grids and doors leave, straight ahead; of a projector times its lux a metre ahead
     */
    private function __construct(
        public float $widthM,
        public float $heightM,
        public float $depthM,
        private ?float $nits,
        private ?PhotometricWeb $web,
        private ?Projection $projection,
        private ?float $beamCandela,
        private float $beamHalfRad,
        private array $cuts,
        private float $passes,
        public float $mired,
        public float $duv,
        public int $stands,
    ) {
    }

    /** @param  list<Modifier>  $modifiers  from the lamp outward */
    public static function of(Fixture $fixture, array $modifiers = []): self
    {
        $nits = $fixture->web === null && $fixture->projection === null
            ? $fixture->luxAt1m / PolygonSource::luxPerNit(
                self::square($fixture->widthM, $fixture->heightM),
                new Vec3(0, 0, 1),
                new Vec3(0, 0, -1),
            )
            : null;
        $emitter = new self(
            $fixture->widthM,
            $fixture->heightM,
            $fixture->depthM,
            $nits,
            $fixture->web,
            $fixture->projection,
            null,
            0.0,
            [],
            $fixture->web === null && $fixture->projection !== null ? $fixture->luxAt1m : 1.0,
            0.0,
            0.0,
            0,
        );
        foreach ($modifiers as $modifier) {
            $emitter = $emitter->behind($modifier);
        }

        return $emitter;
    }

    /** Cd/m² of the face, at full power; null for a lamp by its intensities. */
    public function nits(): ?float
    {
        return $this->nits === null ? null : $this->passes * $this->nits;
    }

    /**
     * Candela of a lamp by its intensities, at full power; null for an even face.
     *
     * @param  float  $offRad  off straight ahead
     * @param  float  $aroundDeg  around it
     */
    public function candela(float $offRad, float $aroundDeg): ?float
    {
        return match (true) {
            $this->beamCandela !== null => $this->passes * $this->beamCandela * 0.5 ** (($offRad / $this->beamHalfRad) ** 2),
            $this->web !== null => $this->passes * $this->web->candela(rad2deg($offRad), $aroundDeg),
            $this->projection !== null => $this->passes * $this->projection->candela($offRad, deg2rad($aroundDeg)),
            default => null,
        };
    }

    /** What grids and doors leave of the light that goes so far aside. A grid's cells close as the tangent of the angle grows. */
    public function leaves(float $offRad): float
    {
        $share = 1.0;
        foreach ($this->cuts as [$half, $isHard]) {
            $share *= match (true) {
                $isHard => $offRad < $half ? 1.0 : 0.0,
                $offRad < M_PI / 2 => max(0.0, 1 - tan($offRad) / tan(min($half, 1.55))),
                default => 0.0,
            };
        }

        return $share;
    }

    /**
     * The same as discs over which light passes whole, by the tangent of their angle: a hard cut is one, cells that close are several of an
     * equal share.
     *
     * @return list<array{float, float, int}> tangent (infinite: all), share, and by how many sides the disc is drawn
     */
    public function rings(): array
    {
        $hard = INF;
        $soft = [];
        foreach ($this->cuts as [$half, $isHard]) {
            $tangent = $half < M_PI / 2 ? tan($half) : INF;
            if ($isHard) {
                $hard = min($hard, $tangent);
            } else {
                $soft[] = $tangent;
            }
        }
        $rings = [[$hard, 1.0, self::HARD_SIDES]];
        foreach ($soft as $tangent) {
            $finer = [];
            foreach ($rings as [$outer, $share]) {
                for ($i = 0; $i < self::RINGS; $i++) {
                    // Two grids one behind the other are taken as if the closer of each pair of rings cut.
                    $finer[] = [min($outer, $tangent * ($i + 0.5) / self::RINGS), $share / self::RINGS, self::SOFT_SIDES];
                }
            }
            $rings = $finer;
        }

        return $rings;
    }

    /**
     * Of a face behind grids or doors: a point sees what lies in a disc about the foot of its perpendicular, as wide as the angle lets it,
     * and the less of
     * it through closing cells the farther out.
     *
     * @param  list<array{float, float, int}>  $rings  as `rings`
     * @param  list<Vec3>  $corners  of the rectangle, counter-clockwise seen from the lit side
     */
    public static function cutPerNit(array $rings, array $corners, Vec3 $point, Vec3 $normal): float
    {
        [$along, $up] = [$corners[1]->minus($corners[0]), $corners[3]->minus($corners[0])];
        [$w, $h] = [$along->length(), $up->length()];
        [$along, $up] = [$along->times(1 / $w), $up->times(1 / $h)];
        $out = $point->minus($corners[0]);
        $ahead = $along->cross($up)->dot($out);
        if ($ahead <= 1e-6) {
            return 0.0;
        }
        [$x, $y] = [$out->dot($along), $out->dot($up)];
        $turned = [$normal->dot($along), $normal->dot($up), $normal->dot($along->cross($up))];
        // The face about the foot of the perpendicular, and how near and how far its edges and corners are.
        [$left, $right, $low, $high] = [-$x, $w - $x, -$y, $h - $y];
        $face = [[$left, $low], [$right, $low], [$right, $high], [$left, $high]];
        $nearest = hypot(max(0.0, $left, -$right), max(0.0, $low, -$high));
        $farthest = hypot(max(-$left, $right), max(-$low, $high));
        $whole = null;
        $sum = 0.0;
        foreach ($rings as [$tangent, $share, $sides]) {
            $radius = $ahead * $tangent;
            if ($radius * self::DRAWN <= $nearest) {
                continue;
            }
            if ($radius >= $farthest * self::DRAWN) {
                $sum += $share * $whole ??= self::ofPart($face, $ahead, $turned);

                continue;
            }
            $sum += $share * self::ofPart(Convex::within($face, Convex::disc([0.0, 0.0], $radius, $sides)), $ahead, $turned);
        }

        return $sum;
    }

    /**
     * @param  list<array{float, float}>  $part  of a face, about the foot of the perpendicular from the point
     * @param  array{float, float, float}  $normal  of the surface at the point, in the face's own axes
     */
    private static function ofPart(array $part, float $ahead, array $normal): float
    {
        $corners = [];
        foreach ($part as [$x, $y]) {
            $corners[] = [$x, $y, -$ahead];
        }

        return count($corners) < 3 ? 0.0 : PolygonSource::vector($corners, $normal);
    }

    /** A projector's picture, where nothing has made another source of it. */
    public function picture(): ?Projection
    {
        return $this->nits === null && $this->web === null && $this->beamCandela === null ? $this->projection : null;
    }

    /** Whether it gives as any even face does, with nothing cut. */
    public function isEven(): bool
    {
        return $this->nits !== null && $this->cuts === [];
    }

    public function isCut(): bool
    {
        return $this->cuts !== [];
    }

    /** All that it gives at full power, lumens, before grids and doors. An even face: π times its area times its luminance. */
    public function lumens(): float
    {
        return $this->passes * match (true) {
            $this->nits !== null => M_PI * $this->nits * $this->widthM * $this->heightM,
            $this->web !== null && $this->beamCandela === null => $this->web->lumens(),
            $this->projection !== null && $this->beamCandela === null => $this->projection->areaM2(),
            default => ($this->beamCandela ?? 0.0) * 2 * M_PI * (1 - cos(min(M_PI / 2, 1.2 * $this->beamHalfRad))),
        };
    }

    private function behind(Modifier $modifier): self
    {
        [$mired, $duv, $stands] = [$this->mired + $modifier->mired, $this->duv + $modifier->duv, $this->stands + $modifier->stands];
        $depth = $this->depthM + $modifier->aheadM;
        $face = fn (float $nits): self => new self(
            $modifier->widthM,
            $modifier->heightM,
            $depth,
            $nits,
            null,
            null,
            null,
            0.0,
            [],
            1.0,
            $mired,
            $duv,
            $stands,
        );

        return match ($modifier->kind) {
            ModifierKind::Face => $face($this->lumens() * $modifier->passes / (M_PI * $modifier->widthM * $modifier->heightM)),
            ModifierKind::Frame, ModifierKind::Board => $face($this->onCloth($modifier) * $modifier->passes / M_PI),
            ModifierKind::Grid, ModifierKind::Doors => $this->through(
                $modifier,
                [...$this->cuts, [deg2rad($modifier->angleDeg / 2), $modifier->kind === ModifierKind::Doors]],
            ),
            ModifierKind::Beam => new self(
                $this->widthM,
                $this->heightM,
                $depth,
                null,
                null,
                null,
                Beam::Bell->centre($this->lumens() * $modifier->passes, deg2rad($modifier->angleDeg)),
                deg2rad($modifier->angleDeg / 2),
                $this->cuts,
                1.0,
                $mired,
                $duv,
                $stands,
            ),
            ModifierKind::Gel => $this->through($modifier, $this->cuts),
        };
    }

    /**
     * The same source seen through a modifier.
     *
     * @param  list<array{float, bool}>  $cuts
     */
    private function through(Modifier $modifier, array $cuts): self
    {
        return new self(
            $this->widthM,
            $this->heightM,
            $this->depthM + $modifier->aheadM,
            $this->nits,
            $this->web,
            $this->projection,
            $this->beamCandela,
            $this->beamHalfRad,
            $cuts,
            $this->passes * $modifier->passes,
            $this->mired + $modifier->mired,
            $this->duv + $modifier->duv,
            $this->stands + $modifier->stands,
        );
    }

    /** Mean lux on a cloth or board that lies straight ahead. */
    private function onCloth(Modifier $cloth): float
    {
        $ahead = max(0.02, $cloth->aheadM);
        [$sum, $square] = [0.0, self::square($this->widthM, $this->heightM)];
        for ($i = 0; $i < self::GRID; $i++) {
            for ($j = 0; $j < self::GRID; $j++) {
                $at = new Vec3($cloth->widthM * (($i + 0.5) / self::GRID - 0.5), $cloth->heightM * (($j + 0.5) / self::GRID - 0.5), $ahead);
                $off = atan2(hypot($at->x, $at->y), $ahead);
                $candela = $this->candela($off, rad2deg(atan2($at->y, $at->x)));
                $sum += $this->leaves($off) * (
                    $candela === null
                    ? ($this->nits() ?? 0.0) * PolygonSource::luxPerNit($square, $at, new Vec3(0, 0, -1))
                    : PointSource::lux($candela, $at->length(), $off)
                );
            }
        }

        // No more falls on it than the lamp gives.
        return min($sum / self::GRID ** 2, $this->lumens() / ($cloth->widthM * $cloth->heightM));
    }

    /** @return list<Vec3> about the origin, lit upward */
    private static function square(float $width, float $height): array
    {
        [$w, $h] = [$width / 2, $height / 2];

        return [new Vec3(-$w, -$h, 0), new Vec3($w, -$h, 0), new Vec3($w, $h, 0), new Vec3(-$w, $h, 0)];
    }
}
