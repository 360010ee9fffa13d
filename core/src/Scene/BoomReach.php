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

    /** @param  float  $marginM clear space kept to every frame's edge */
    public static function nearest(Scene $scene, Boom $boom, float $marginM): ?self
    {
        $face = $scene->setup->bodies[$boom->placement->subject]->face();
        $best = null;
        foreach ([0.0, 0.35, -0.35, 0.7, -0.7] as $turn) {
            foreach ([1.2, 1.0, 0.8, 0.6, 0.4] as $rise) {
                $towards = $face->turnedClockwise($turn)->times(cos($rise))->at(sin($rise));
                $one = self::along($scene, $boom, $towards, $marginM + $boom->model->diameterM / 2);
                if ($one !== null && ($best === null || $one->distanceM < $best->distanceM - 1e-9)) {
                    $best = $one;
                }
            }
        }

        return $best;
    }

    private static function along(Scene $scene, Boom $boom, Vec3 $towards, float $marginM): ?self
    {
        [$distance, $limit] = [self::NEAREST_M, null];
        foreach ($scene->views as $id => $view) {
            $exit = self::exit($view, $boom->mouth, $towards, $marginM);
            if ($exit > $distance) {
                [$distance, $limit] = [$exit, $id];
            }
        }
        if ($distance > self::FARTHEST_M) {
            return null;
        }
        $tip = $boom->mouth->plus($towards->times($distance));
        $rear = $boom->mouth->plus($towards->times($distance + $boom->model->lengthM));
        $room = $scene->setup->room;
        $top = $boom->placement->standTop();
        $fits = $rear->z < $room->heightAt($rear->floor()) - 0.05 && $room->contains($rear->floor())
            && $rear->distanceTo($top) + 0.3 <= $boom->pole->longestM
            && self::poleClears($scene, $rear, $top, $marginM / 2);

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

    private static function poleClears(Scene $scene, Vec3 $from, Vec3 $to, float $marginM): bool
    {
        foreach ($scene->views as $view) {
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
