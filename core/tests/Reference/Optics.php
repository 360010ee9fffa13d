<?php

declare(strict_types=1);

namespace FineFrame\Tests\Reference;

use FineFrame\Camera\CropBudget;
use FineFrame\Camera\Equivalence;
use FineFrame\Camera\FieldOfView;

/** Pinhole model: distances from the entrance pupil. */
final class Optics implements Topic
{
    public function answer(string $kind, array $inputs): ?array
    {
        $in = new Inputs($inputs);

        return match ($kind) {
            'aov' => $this->angles($in),
            'field' => $this->field($in),
            'distance' => ['distance_m' => $in->has('field_height_m')
                ? $this->lens($in)->distanceForHeight($in->number('field_height_m'))
                : $this->lens($in)->distanceForWidth($in->number('field_width_m'))],
            'crop' => $this->crop($in),
            'equivalent' => $this->equivalent($in),
            'zoom_budget' => $this->budget($in),
            default => null,
        };
    }

    private function lens(Inputs $in, float $factor = 1.0): FieldOfView
    {
        return new FieldOfView($in->number('sensor_width_mm'), $in->number('sensor_height_mm'), $in->number('focal_mm') * $factor);
    }

    /** @return array<string, float> */
    private function angles(Inputs $in): array
    {
        $factor = $in->number('optical_factor');

        return [
            'effective_focal_mm' => $in->number('focal_mm') * $factor,
            'effective_f_number' => $in->number('f_number') * $factor,
            'stops_gained' => -2 * log($factor, 2),
        ]
            + $this->degrees($this->lens($in, $factor));
    }

    /** @return array<string, float> */
    private function degrees(FieldOfView $lens): array
    {
        return [
            'aov_h_deg' => rad2deg($lens->horizontalRad()),
            'aov_v_deg' => rad2deg($lens->verticalRad()),
            'aov_d_deg' => rad2deg($lens->diagonalRad()),
        ];
    }

    /** @return array<string, float> */
    private function field(Inputs $in): array
    {
        [$lens, $distance] = [$this->lens($in), $in->number('distance_m')];
        [$w, $h] = [$lens->widthAt($distance), $lens->heightAt($distance)];

        return ['field_width_m' => $w, 'field_height_m' => $h, 'field_diag_m' => hypot($w, $h)];
    }

    /** @return array<string, float> */
    private function crop(Inputs $in): array
    {
        $lens = $this->lens($in);
        $crop = $lens->croppedTo($in->number('target_aspect_value'));

        return [
            'crop_width_mm' => $crop->widthMm,
            'crop_height_mm' => $crop->heightMm,
            'area_fraction' => $crop->widthMm * $crop->heightMm / ($lens->widthMm * $lens->heightMm),
        ]
            + $this->degrees($crop);
    }

    /** @return array<string, float> */
    private function equivalent(Inputs $in): array
    {
        $lens = $this->lens($in);
        $of = new Equivalence($lens, $in->number('reference_width_mm'), $in->number('reference_height_mm'));

        return [
            'crop_factor_diag' => $of->byDiagonal(), 'crop_factor_width' => $of->byWidth(), 'crop_factor_height' => $of->byHeight(),
            'equivalent_focal_diag_mm' => $lens->focalMm * $of->byDiagonal(),
            'equivalent_focal_width_mm' => $lens->focalMm * $of->byWidth(),
            'equivalent_focal_height_mm' => $lens->focalMm * $of->byHeight(),
            'equivalent_f_number_diag' => $in->number('f_number') * $of->byDiagonal(),
        ];
    }

    /** @return array<string, mixed> */
    private function budget(Inputs $in): array
    {
        $budget = new CropBudget(
            $in->number('source_width_px'),
            $in->number('source_height_px'),
            $in->number('output_width_px'),
            $in->number('output_height_px'),
            $in->number('zoom'),
        );
        [$w, $h] = $budget->window();

        return [
            'fit_window_px' => [$budget->fitWidthPx, $budget->fitHeightPx],
            'max_zoom_1to1' => $budget->cleanZoom(),
            'window_px' => [$w, $h],
            'source_px_per_output_px' => $budget->sourcePerOutput(), 'upscaled' => $budget->sourcePerOutput() < 1.0,
            'pan_range_px' => [$budget->sourceWidthPx - $w, $budget->sourceHeightPx - $h],
            'equivalent_focal_mm' => $in->number('focal_mm') * $budget->zoom,
        ];
    }
}
