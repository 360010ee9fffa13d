<?php

declare(strict_types=1);

namespace FineFrame\Tests\Reference;

use FineFrame\Photo\PhotoCamera;
use FineFrame\Photo\Readings;
use FineFrame\Photo\Resection;
use FineFrame\Photo\TwoViews;
use FineFrame\Photo\Undetermined;
use FineFrame\Photo\Vanishing;

final class PhotoCases implements Topic
{
    public function answer(string $kind, array $inputs): ?array
    {
        $in = new Inputs($inputs);
        try {
            return match ($kind === 'refuse' ? $in->word('of') : $kind) {
                'pose' => $this->pose($in),
                'pose_noise' => $this->pose($in) + $this->deviations($in),
                'blunder' => $this->blunder($in),
                'measure' => $this->measure($in),
                'solve_measure' => $this->solveMeasure($in),
                'vanishing' => $this->vanishing($in),
                'two_view' => $this->twoViews($in),
                default => null,
            };
        } catch (Undetermined) {
            return ['valid' => false];
        }
    }

    private function solved(Inputs $in): Resection
    {
        $unknown = $in->names('solve');

        return Resection::of((int) $in->number('width_px'), (int) $in->number('height_px'), array_map(static function (Inputs $m): array {
            [$x, $y, $z] = $m->numbers('world_m');
            [$u, $v] = $m->numbers('px');

            return ['id' => $m->word('id'), 'at' => [$x, $y, $z], 'px' => [$u, $v]];
        }, $in->each('marks')), in_array('focal_px', $unknown, true) ? null : $in->number('focal_px'), in_array('k1', $unknown, true) ? null : ($in->orNull('k1') ?? 0.0));
    }

    /** @return array<string, mixed> */
    private function pose(Inputs $in): array
    {
        $camera = $this->solved($in)->camera;

        return ['valid' => true, 'position_m' => $camera->place] + self::directions($camera);
    }

    /** @return array<string, float> */
    private static function directions(PhotoCamera $camera): array
    {
        $turn = static fn (float $rad): float => rad2deg(atan2(sin($rad), cos($rad)));

        return [
            'yaw_deg' => $turn($camera->yaw), 'pitch_deg' => $turn($camera->pitch), 'roll_deg' => $turn($camera->roll),
            'focal_px' => $camera->focalPx, 'hfov_deg' => rad2deg($camera->acrossRad()), 'k1' => $camera->k1,
        ];
    }

    /** @return array<string, mixed> */
    private function deviations(Inputs $in): array
    {
        $solved = $this->solved($in);
        $sd = static fn (int $i): float => $solved->deviation($i, $in->number('sigma_px'));

        return [
            'sd_position_m' => [$sd(0), $sd(1), $sd(2)], 'sd_yaw_deg' => rad2deg($sd(3)), 'sd_pitch_deg' => rad2deg($sd(4)), 'sd_roll_deg' => rad2deg($sd(5)),
        ] + (in_array('focal_px', $in->names('solve'), true) ? ['sd_focal_px' => $in->number('width_px') * $sd(6)] : []);
    }

    /** @return array<string, mixed> */
    private function blunder(Inputs $in): array
    {
        $solved = $this->solved($in);
        $wrong = $solved->wrong($in->number('sigma_px'));

        return [
            'valid' => true, 'blunder' => $wrong, 'fits' => $wrong === null,
            'position_m' => ($wrong === null ? $solved : $solved->withoutMark($wrong))->camera->place,
        ];
    }

    /** @return array<string, mixed> */
    private function measure(Inputs $in): array
    {
        $c = $in->map('camera');
        [$x, $y, $z] = $c->numbers('position_m');
        $camera = new PhotoCamera(
            (int) $c->number('width_px'), (int) $c->number('height_px'), $c->number('focal_px'), [$x, $y, $z],
            deg2rad($c->number('yaw_deg')), deg2rad($c->number('pitch_deg')), deg2rad($c->number('roll_deg')), $c->orNull('k1') ?? 0.0,
        );
        $sigma = $in->number('sigma_px');
        if ($in->word('what') === 'wall_point') {
            [[$ax, $ay], [$bx, $by]] = [$in->numbers('wall_a_m'), $in->numbers('wall_b_m')];
            $on = static fn (int $i): \Closure => static fn (array $p): float => Readings::onWall($camera, [$ax, $ay], [$bx, $by], [$p[0], $p[1]])[$i];

            return [
                'along_m' => $on(0)($in->numbers('px')), 'height_m' => $on(1)($in->numbers('px')),
                'sd_along_m' => Readings::deviation($on(0), $in->numbers('px'), $sigma), 'sd_height_m' => Readings::deviation($on(1), $in->numbers('px'), $sigma),
            ];
        }
        $isHeight = $in->word('what') === 'height';
        $px = $isHeight ? [...$in->numbers('foot_px'), ...$in->numbers('top_px')] : [...$in->numbers('from_px'), ...$in->numbers('to_px')];
        $reading = self::reading($isHeight);
        $value = $reading($camera, $px);

        return [$isHeight ? 'height_m' : 'length_m' => $value, 'sd_m' => Readings::deviation(static fn (array $p): float => $reading($camera, $p), $px, $sigma)];
    }

    /** @return array<string, mixed> */
    private function solveMeasure(Inputs $in): array
    {
        $solved = $this->solved($in);
        $reading = self::reading(false);
        $px = [...$in->numbers('from_px'), ...$in->numbers('to_px')];

        return ['length_m' => $reading($solved->camera, $px), 'sd_m' => Readings::deviationOf($solved, $reading, $px, $in->number('sigma_px'))];
    }

    private static function reading(bool $isHeight): \Closure
    {
        return static fn (PhotoCamera $c, array $p): float => $isHeight
            ? Readings::height($c, [$p[0], $p[1]], [$p[2], $p[3]])
            : Readings::length($c, [$p[0], $p[1]], [$p[2], $p[3]]);
    }

    /** @return array<string, mixed> */
    private function vanishing(Inputs $in): array
    {
        $segments = [];
        foreach (['x', 'y', 'z'] as $axis) {
            $segments[$axis] = $in->map('segments')->lists($axis);
        }

        return ['valid' => true] + self::directions(Vanishing::camera((int) $in->number('width_px'), (int) $in->number('height_px'), $segments));
    }

    /** @return array<string, mixed> */
    private function twoViews(Inputs $in): array
    {
        $inner = static fn (Inputs $c): array => [$c->number('width_px') / 2, $c->number('height_px') / 2, $c->number('focal_px')];
        $points = [];
        foreach ($in->each('points') as $p) {
            $points[$p->word('id')] = [...$p->numbers('a_px'), ...$p->numbers('b_px')];
        }
        $views = TwoViews::of($inner($in->map('a')), $inner($in->map('b')), $points, $in->number('sigma_px'));
        $known = $in->map('known');
        $scale = $known->number('length_m') / $views->between($known->word('from'), $known->word('to'));
        $lengths = [];
        foreach ($in->lists('wanted') as [$from, $to]) {
            $lengths["$from-$to"] = $scale * $views->between((string) $from, (string) $to);
        }

        return ['lengths_m' => $lengths, 'baseline_m' => $scale];
    }
}
