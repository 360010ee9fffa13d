<?php

declare(strict_types=1);

namespace FineFrame\Camera;

use FineFrame\Geometry\Vec3;
use FineFrame\Grip\Support;

/** A placed camera with its body, lens and support at hand. */
final readonly class Camera
{
    /** How the body records; null for its whole area. */
    public ?Mode $mode;

    /** What the sensor records. */
    public FieldOfView $recorded;

    /** What is delivered of it. */
    public FieldOfView $delivered;

    public function __construct(
        public CameraPlacement $placement,
        public Body $body,
        public Lens $lens,
        public ?Reducer $reducer,
        public Support $support,
        public float $aspect,
        public ?Prompter $prompter = null,
    ) {
        $this->mode = $body->mode($placement->mode);
        $this->recorded = new FieldOfView(
            $this->mode->widthMm ?? $body->widthMm,
            $this->mode->heightMm ?? $body->heightMm,
            $this->effectiveFocalMm(),
        );
        $this->delivered = $this->recorded->croppedTo($aspect);
    }

    /** The same placed or set otherwise. */
    public function as(CameraPlacement $placement): self
    {
        return new self($placement, $this->body, $this->lens, $this->reducer, $this->support, $this->aspect, $this->prompter);
    }

    /** Whether somebody stands at it or carries it. */
    public function isManned(): bool
    {
        return $this->placement->operator !== '' || $this->support->kind->isCarried();
    }

    /** @return array{int, int} recorded pixels across and up */
    public function pixels(): array
    {
        return [$this->mode->widthPx ?? $this->body->widthPx, $this->mode->heightPx ?? $this->body->heightPx];
    }

    public function effectiveFocalMm(): float
    {
        return $this->placement->focalMm * ($this->reducer->factor ?? 1.0);
    }

    /** The widest T-stop with the reducer on. */
    public function widestT(): float
    {
        return $this->lens->widestT * ($this->reducer->factor ?? 1.0);
    }

    public function pupil(): Vec3
    {
        return $this->placement->place->at($this->placement->heightM);
    }

    /** f-number from the T-stop and the lens's transmission; the circle of confusion from the used diagonal. */
    public function depthOfField(): DepthOfField
    {
        return new DepthOfField(
            $this->effectiveFocalMm(),
            $this->placement->tStop * sqrt($this->lens->transmission),
            $this->delivered->diagonalMm() * DepthOfField::CONFUSION_SHARE,
        );
    }
}
