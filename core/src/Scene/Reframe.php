<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Camera\Camera;
use FineFrame\Camera\Perspective;
use FineFrame\Camera\ShotSize;
use FineFrame\Geometry\Vec2;
use FineFrame\Plan\Edit;
use FineFrame\Plan\SetupPlan;
use FineFrame\Staging\Body;

/** A size of a person reached in one of two ways, at equal size: another focal length from here, or the same one from nearer or farther. */
final readonly class Reframe
{
    private const BEHIND_LENS_M = 0.2;

    /** @param  string  $why  what keeps it from being done, empty when nothing does: lens, wall, focus */
    private function __construct(
        public ShotSize $size,
        public bool $isMove,
        public float $focalMm,
        public string $lens,
        public float $distanceM,
        public float $backgroundM,
        public float $blurShare,
        public float $noseToEar,
        public string $why,
        public Edit $edit,
    ) {
    }

    /** @return list<array{self, self}> for each size: by the lens from here, by moving on this lens */
    public static function all(Scene $scene, string $camera): array
    {
        $one = $scene->setup->cameras[$camera];
        $body = $scene->setup->bodyFor($one);
        $pairs = [];
        if ($body === null) {
            return [];
        }
        foreach (ShotSize::cases() as $size) {
            $pairs[] = [self::byLens($scene, $one, $body, $size), self::byMove($scene, $one, $body, $size)];
        }

        return $pairs;
    }

    public static function byLens(Scene $scene, Camera $camera, Body $body, ShotSize $size): self
    {
        $distance = $camera->pupil()->distanceTo($body->eyes);
        $focal = round(
            $camera->delivered->heightMm * $distance / ($size->usualStatures() * $body->person->statureM)
                / ($camera->reducer->factor ?? 1.0),
            1,
        );
        $lens = self::glass($scene->setup, $camera, $focal);
        $at = "/setups/{$scene->setup->setup->id}/cameras/{$camera->placement->id}";
        $reached = $scene->setup->plan->kit->lenses[$lens] ?? null;
        $focal = $reached === null ? $focal : max($reached->shortestMm, min($reached->longestMm, $focal));

        return self::option($scene, $camera, $body, $size, false, $focal, $lens, $camera->placement->place, match (true) {
            $reached === null => 'lens',
            $distance < $reached->nearestFocusM => 'focus',
            default => '',
        }, new Edit(
            (
                $lens === $camera->placement->lens
                || $reached === null
                ? []
                : [
                    "$at/lens" => $lens,
                    "$at/t_stop" => max($camera->placement->tStop, round($reached->widestT * ($camera->reducer->factor ?? 1.0), 2)),
                ]
            ) + ["$at/focal_mm" => $focal],
        ));
    }

    public static function byMove(Scene $scene, Camera $camera, Body $body, ShotSize $size): self
    {
        $rise = $camera->placement->heightM - $body->eyes->z;
        $slant = $camera->delivered->distanceForHeight($size->usualStatures() * $body->person->statureM);
        $eyes = $body->eyes->floor();
        $back = $camera->placement->place->minus($eyes)->unit();
        $flat = sqrt(max(0.01, $slant ** 2 - $rise ** 2));
        $place = $eyes->plus($back->times($flat));
        $room = $scene->setup->room->firstWall($eyes, $back)[0] - self::BEHIND_LENS_M - $camera->support->legRadiusM;

        $placed = $camera->placement;
        $at = "/setups/{$scene->setup->setup->id}/cameras/$placed->id";
        $edit = new Edit(["$at/x_m" => round($place->x, 3), "$at/y_m" => round($place->y, 3)]);
        $hinders = match (true) {
            $slant <= abs($rise) || $slant < $camera->lens->nearestFocusM => 'focus',
            $flat > $room => 'wall',
            default => '',
        };

        return self::option($scene, $camera, $body, $size, true, $placed->focalMm, $placed->lens, $place, $hinders, $edit);
    }

    private static function option(
        Scene $scene,
        Camera $camera,
        Body $body,
        ShotSize $size,
        bool $isMove,
        float $focal,
        string $lens,
        Vec2 $place,
        string $why,
        Edit $edit,
    ): self {
        $placed = $camera->as($camera->placement->at($place, $camera->placement->heightM, $focal, $camera->placement->aim));
        $distance = $placed->pupil()->distanceTo($body->eyes);
        $behind = $distance + Backdrop::behind($scene, $placed, $body)->distanceM;
        $blur = $distance <= $placed->effectiveFocalMm() / 1000
            ? 0.0
            : $placed->depthOfField()->blurMm($distance, $behind) / $placed->delivered->widthMm;

        return new self(
            $size,
            $isMove,
            $focal,
            $lens,
            $distance,
            $placed->delivered->widthAt($behind),
            $blur,
            Perspective::noseToEar($distance),
            $why,
            $edit,
        );
    }

    /** The lens on the camera where it reaches, else the first of the kit that does; empty where none does. */
    private static function glass(SetupPlan $setup, Camera $camera, float $focal): string
    {
        $slack = 0.06;
        foreach ([$camera->lens, ...$setup->glass()] as $lens) {
            if ($focal >= $lens->shortestMm * (1 - $slack) && $focal <= $lens->longestMm * (1 + $slack)) {
                return $lens->id;
            }
        }

        return '';
    }
}
