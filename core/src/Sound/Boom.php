<?php

declare(strict_types=1);

namespace FineFrame\Sound;

use FineFrame\Geometry\Vec3;
use FineFrame\Grip\Support;

/** A placed boom: the microphone points at the mouth, the pole runs from its rear over the stand's top. */
final readonly class Boom
{
    /** Pole behind the stand, to hold by or to hang the balance on, metres. */
    private const TAIL_M = 0.3;

    public function __construct(
        public BoomPlacement $placement,
        public Microphone $model,
        public Pole $pole,
        public Support $stand,
        public Vec3 $mouth,
    ) {
    }

    public function tip(): Vec3
    {
        return $this->placement->tip();
    }

    public function rear(): Vec3
    {
        return $this->tip()->plus($this->tip()->minus($this->mouth)->unit()->times($this->model->lengthM));
    }

    public function poleEnd(): Vec3
    {
        $top = $this->placement->standTop();

        return $top->plus($top->minus($this->rear())->unit()->times(self::TAIL_M));
    }

    public function distanceM(): float
    {
        return $this->tip()->distanceTo($this->mouth);
    }

    public function poleNeededM(): float
    {
        return $this->rear()->distanceTo($this->poleEnd());
    }

    /** Level lost by being at one distance rather than another, in a direct field: 20·log₁₀. */
    public static function costDb(float $distanceM, float $thanM): float
    {
        return 20 * log10($distanceM / $thanM);
    }
}
