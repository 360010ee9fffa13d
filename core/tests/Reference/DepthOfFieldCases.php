<?php

declare(strict_types=1);

namespace FineFrame\Tests\Reference;

use FineFrame\Camera\DepthOfField;

/** Exact thin lens. */
final class DepthOfFieldCases implements Topic
{
    public function answer(string $kind, array $inputs): ?array
    {
        $in = new Inputs($inputs);

        return match ($kind) {
            'dof', 'dof_hyperfocal', 'refuse' => $this->limits($in),
            'blur' => $this->blur($in),
            'split_focus' => $this->split($in),
            default => null,
        };
    }

    /** @return array<string, float|null> */
    private function limits(Inputs $in): array
    {
        $dof = new DepthOfField($in->number('focal_mm'), $in->number('f_number'), $in->number('coc_mm'));
        $s = $in->number('subject_m');
        [$near, $far] = [$dof->nearM($s), $dof->farM($s)];

        return [
            'hyperfocal_m' => $dof->hyperfocalM(), 'near_m' => $near, 'far_m' => $far, 'in_front_m' => $s - $near,
            'total_m' => $far === null ? null : $far - $near, 'behind_m' => $far === null ? null : $far - $s,
        ];
    }

    /** @return array<string, float> */
    private function blur(Inputs $in): array
    {
        $blur = (new DepthOfField($in->number('focal_mm'), $in->number('f_number'), 0.03))->blurMm($in->number('subject_m'), $in->orNull('background_m'));

        return ['blur_mm' => $blur, 'blur_percent_of_width' => 100 * $blur / $in->number('sensor_width_mm')];
    }

    /** @return array<string, float> */
    private function split(Inputs $in): array
    {
        [$focus, $stop] = DepthOfField::split($in->number('focal_mm'), $in->number('coc_mm'), $in->number('near_m'), $in->number('far_m'));

        return ['focus_m' => $focus, 'f_number' => $stop];
    }
}
