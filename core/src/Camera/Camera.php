<?php

declare(strict_types=1);

namespace FineFrame\Camera;

use FineFrame\Geometry\Vec3;
use FineFrame\Grip\Support;

/** A placed camera with its body, lens and support at hand. */
final readonly class Camera
{
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
        float $aspect,
    ) {
        $this->recorded = new FieldOfView($body->widthMm, $body->heightMm, $this->effectiveFocalMm());
        $this->delivered = $this->recorded->croppedTo($aspect);
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
