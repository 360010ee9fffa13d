<?php

declare(strict_types=1);

namespace FineFrame\Camera;

/**
 * A photo taken while scouting as a reference for a camera: the lens that gives the same view, and the crop that a lens would see in it.
 */
final class ReferenceFrame
{
    /**
     * The focal length on a camera that sees as wide as a photo did.
     *
     * @param  float  $sensorMm  width of the photo's sensor
     * @param  float  $usedMm  used width of the camera's sensor
     */
    public static function sameView(float $focalMm, float $sensorMm, float $usedMm): float
    {
        return $focalMm * $usedMm / $sensorMm;
    }

    /**
     * The share of a photo's width and height that a camera would see from the same place, along the same axis; above 1 it sees more.
     *
     * @return array{float, float}
     */
    public static function crop(float $focalMm, float $sensorMm, float $photoAspect, FieldOfView $view): array
    {
        $half = $sensorMm / 2 / $focalMm;

        return [tan($view->horizontalRad() / 2) / $half, tan($view->verticalRad() / 2) / ($half / $photoAspect)];
    }
}
