<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Turn;
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

    /** The grid's step, and how fine it is searched around the best, radians. */
    private const COARSE_RAD = 0.35;

    private const FINE_RAD = 0.015;

    /** A microphone hears the front: farther aside it is not looked for. */
    private const ASIDE_RAD = 1.0;

    /** Pole and microphone keep this far off a lamp, metres. */
    private const LAMP_M = 0.1;

    /** From over the head down to under the chin: elevations in radians. */
    private const RISES = [1.2, 1.0, 0.8, 0.6, 0.4, -0.6, -0.9];

    /**
     * @param  float  $marginM  clear space kept to every frame's edge
     * @param  string  $but  a camera whose frame does not count
     */
    public static function nearest(Scene $scene, Boom $boom, float $marginM, string $but = ''): ?self
    {
        $margin = $marginM + $boom->model->diameterM / 2;
        [$best, $at] = [null, null];
        $try = static function (float $turn, float $rise) use ($scene, $boom, $margin, $but, &$best, &$at): void {
            $found = self::along($scene, $boom, self::direction($scene, $boom, $turn, $rise), $margin, $but, $best->distanceM ?? INF);
            if ($found !== null) {
                [$best, $at] = [$found, [$turn, $rise]];
            }
        };
        foreach ([...self::grid(), self::present($scene, $boom)] as [$turn, $rise]) {
            $try($turn, $rise);
        }
        // Around the best so far, finer and finer.
        for ($step = self::COARSE_RAD / 2; $at !== null && $step > self::FINE_RAD; $step /= 2) {
            [$turn, $rise] = $at;
            foreach ([[1, 0], [-1, 0], [0, 1], [0, -1], [1, 1], [1, -1], [-1, 1], [-1, -1]] as [$across, $up]) {
                $try($turn + $across * $step, max(-1.2, min(1.45, $rise + $up * $step)));
            }
        }

        return $best;
    }

    /** @return array{float, float} turn off the face, and rise, of where it is now */
    private static function present(Scene $scene, Boom $boom): array
    {
        $way = $boom->tip()->minus($boom->mouth);
        $face = $scene->setup->bodies[$boom->placement->subject]->face();

        return [Turn::clamped($way->floor()->bearing() - $face->bearing(), 0.0, self::ASIDE_RAD), max(-1.2, min(1.45, $way->elevation()))];
    }

    private static function direction(Scene $scene, Boom $boom, float $turn, float $rise): Vec3
    {
        return $scene->setup->bodies[$boom->placement->subject]->face()->turnedClockwise($turn)->times(cos($rise))->at(sin($rise));
    }

    /** @return list<array{float, float}> before the mouth, above it and below */
    private static function grid(): array
    {
        $all = [];
        foreach ([0.0, 0.35, -0.35, 0.7, -0.7] as $turn) {
            foreach (self::RISES as $rise) {
                $all[] = [$turn, $rise];
            }
        }

        return $all;
    }

    /** @return list<array{Vec3, float}> the inner side of where it may be: places and distances from the mouth */
    public static function shell(Scene $scene, Boom $boom, float $marginM): array
    {
        $all = [];
        foreach (self::grid() as [$turn, $rise]) {
            $one = self::along($scene, $boom, self::direction($scene, $boom, $turn, $rise), $marginM + $boom->model->diameterM / 2, '');
            if ($one !== null) {
                $all[] = [$one->tip, $one->distanceM];
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
            && $tip->z > 0.2
            && self::poleClears($scene, $rear, $top, $marginM / 2, $but)
            && ! self::shades($scene, $boom, $tip, $rear)
            && self::clearsLamps($scene, $tip, $top);

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

    private static function clearsLamps(Scene $scene, Vec3 $tip, Vec3 $top): bool
    {
        foreach ($scene->lamps as $lamp) {
            $reach = max($lamp->emitter->widthM, $lamp->emitter->heightM) / 2 + self::LAMP_M;
            foreach ([0.0, 0.2, 0.4, 0.6, 0.8, 1.0] as $share) {
                $to = Vec3::between($tip, $top, $share)->minus($lamp->centre());
                // A face is flat: what passes before or behind it at arm's length does not touch it.
                $ahead = $to->dot($lamp->facing());
                if (abs($ahead) < self::LAMP_M + $lamp->emitter->depthM && sqrt(max(0.0, $to->dot($to) - $ahead * $ahead)) < $reach) {
                    return false;
                }
            }
        }

        return true;
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
                if ($a < 0) {
                    $in = max($in, $a / ($a - $b));
                }
                if ($b < 0) {
                    $out = min($out, $a / ($a - $b));
                }
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
