<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;
use FineFrame\Sound\Boom;

/**
 * The nearest place for a boom's tip that is outside every frame. From the mouth outward, a frame is convex, so each
 * direction has one distance at which the microphone, the pole behind it and the margin leave the last frame.
 */
final readonly class BoomReach
{
    private const NEAREST_M = 0.15;

    private const FARTHEST_M = 2.5;

    private function __construct(public Vec3 $tip, public float $distanceM, public ?string $limitedBy)
    {
    }

    /** From over the head down to under the chin: elevations in radians. */
    private const RISES = [1.2, 1.0, 0.8, 0.6, 0.4, -0.6, -0.9];

    /**
     * @param  float  $marginM  clear space kept to every frame's edge
     * @param  string  $but  a camera whose frame does not count
     */
    public static function nearest(Scene $scene, Boom $boom, float $marginM, string $but = ''): ?self
    {
        $best = null;
        foreach (self::directions($scene, $boom) as $towards) {
            $best = self::along($scene, $boom, $towards, $marginM + $boom->model->diameterM / 2, $but, $best->distanceM ?? INF) ?? $best;
        }

        return $best;
    }

    /** @return list<array{Vec3, float}> the inner side of where it may be: places and distances from the mouth */
    public static function shell(Scene $scene, Boom $boom, float $marginM): array
    {
        $all = [];
        foreach (self::directions($scene, $boom) as $towards) {
            $one = self::along($scene, $boom, $towards, $marginM + $boom->model->diameterM / 2, '');
            $one === null ?: $all[] = [$one->tip, $one->distanceM];
        }

        return $all;
    }

    /** @return list<Vec3> before the mouth, above it and below */
    private static function directions(Scene $scene, Boom $boom): array
    {
        $face = $scene->setup->bodies[$boom->placement->subject]->face();
        $all = [];
        foreach ([0.0, 0.35, -0.35, 0.7, -0.7] as $turn) {
            foreach (self::RISES as $rise) {
                $all[] = $face->turnedClockwise($turn)->times(cos($rise))->at(sin($rise));
            }
        }

        return $all;
    }

    private static function along(Scene $scene, Boom $boom, Vec3 $towards, float $marginM, string $but, float $within = INF): ?self
    {
        [$distance, $limit] = [self::NEAREST_M, null];
        foreach ($scene->viewsAlong() as [$id, $view]) {
            $exit = $id === $but ? 0.0 : self::exit($view, $boom->mouth, $towards, $marginM);
            if ($exit > $distance) {
                [$distance, $limit] = [$exit, $id];
            }
        }
        if ($distance > self::FARTHEST_M || $distance >= $within - 1e-9) {
            return null;
        }
        $tip = $boom->mouth->plus($towards->times($distance));
        $rear = $boom->mouth->plus($towards->times($distance + $boom->model->lengthM));
        $room = $scene->setup->room;
        $top = $boom->placement->standTop();
        $fits = $rear->z < $room->heightAt($rear->floor()) - 0.05 && $room->contains($rear->floor())
            && $rear->distanceTo($top) + 0.3 <= $boom->pole->longestM
            && $tip->z > 0.2 && self::poleClears($scene, $rear, $top, $marginM / 2, $but) && ! self::shades($scene, $boom, $tip, $rear);

        return $fits ? new self($tip, $distance, $limit) : null;
    }

    /** Where a ray from the mouth leaves a frame widened by the margin; 0 when the mouth is not in it. */
    private static function exit(LensView $view, Vec3 $mouth, Vec3 $towards, float $marginM): float
    {
        $eye = new Vec3(...$view->eye);
        $exit = INF;
        foreach ($view->sides() as $normal) {
            $inside = $normal->dot($mouth->minus($eye)) + $marginM;
            $speed = $normal->dot($towards);
            if ($inside <= 0 && $speed <= 0) {
                return 0.0;
            }
            $exit = $speed < -1e-9 ? min($exit, $inside / -$speed) : $exit;
        }

        return $exit;
    }

    /** Whether the microphone would stand in a lamp's way to the eyes. */
    private static function shades(Scene $scene, Boom $boom, Vec3 $tip, Vec3 $rear): bool
    {
        $eyes = $scene->setup->bodies[$boom->placement->subject]->eyes;
        foreach ($scene->lamps as $lamp) {
            if (! $lamp->placement->on || $lamp->placement->subject !== $boom->placement->subject || $lamp->placement->aim !== null) {
                continue;
            }
            // Of a lamp that is wider than the microphone by far nothing is lost.
            $way = $lamp->centre()->minus($eyes);
            $half = max($lamp->emitter->widthM, $lamp->emitter->heightM) / 2;
            foreach ([$tip, Vec3::between($tip, $rear, 0.5), $rear] as $at) {
                $along = $at->minus($eyes)->dot($way) / $way->dot($way);
                $off = $at->minus($eyes->plus($way->times($along)))->length();
                if ($along > 0.0 && $along < 1.0 && $off < $boom->model->diameterM / 2 + 0.02 && $half * $along < 0.15) {
                    return true;
                }
            }
        }

        return false;
    }

    private static function poleClears(Scene $scene, Vec3 $from, Vec3 $to, float $marginM, string $but): bool
    {
        foreach ($scene->viewsAlong() as [$id, $view]) {
            if ($id === $but) {
                continue;
            }
            $eye = new Vec3(...$view->eye);
            [$in, $out] = [0.0, 1.0];
            foreach ($view->sides() as $normal) {
                [$a, $b] = [$normal->dot($from->minus($eye)) + $marginM, $normal->dot($to->minus($eye)) + $marginM];
                if ($a < 0 && $b < 0) {
                    continue 2;
                }
                $a < 0 ? $in = max($in, $a / ($a - $b)) : null;
                $b < 0 ? $out = min($out, $a / ($a - $b)) : null;
            }
            if ($in < $out) {
                return false;
            }
        }

        return true;
    }

    public function place(): Vec2
    {
        return $this->tip->floor();
    }
}
