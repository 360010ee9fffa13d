<?php

declare(strict_types=1);

namespace FineFrame\Camera;

/**
 * A rectilinear lens over a used sensor area; distances run from the entrance pupil (pinhole model).
 *
 * Source: any text on geometrical optics; angle of view 2·atan(s / 2f).
 */
final readonly class FieldOfView
{
    /** @throws ImpossibleOptics if a length is not positive */
    public function __construct(public float $widthMm, public float $heightMm, public float $focalMm)
    {
        if (min($widthMm, $heightMm) <= 0) {
            throw ImpossibleOptics::notPositive('The sensor');
        }
        if ($focalMm <= 0) {
            throw ImpossibleOptics::notPositive('The focal length');
        }
    }

    /** The largest window of an aspect (width over height) inside this area. */
    public function croppedTo(float $aspect): self
    {
        return $aspect >= $this->widthMm / $this->heightMm
            ? new self($this->widthMm, $this->widthMm / $aspect, $this->focalMm)
            : new self($this->heightMm * $aspect, $this->heightMm, $this->focalMm);
    }

    public function diagonalMm(): float
    {
        return hypot($this->widthMm, $this->heightMm);
    }

    public function horizontalRad(): float
    {
        return self::angle($this->widthMm, $this->focalMm);
    }

    public function verticalRad(): float
    {
        return self::angle($this->heightMm, $this->focalMm);
    }

    public function diagonalRad(): float
    {
        return self::angle($this->diagonalMm(), $this->focalMm);
    }

    public function widthAt(float $distanceM): float
    {
        return $distanceM * $this->widthMm / $this->focalMm;
    }

    public function heightAt(float $distanceM): float
    {
        return $distanceM * $this->heightMm / $this->focalMm;
    }

    public function distanceForHeight(float $fieldM): float
    {
        return $fieldM * $this->focalMm / $this->heightMm;
    }

    public function distanceForWidth(float $fieldM): float
    {
        return $fieldM * $this->focalMm / $this->widthMm;
    }

    private static function angle(float $sideMm, float $focalMm): float
    {
        return 2 * atan($sideMm / (2 * $focalMm));
    }
}
