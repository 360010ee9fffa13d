<?php

declare(strict_types=1);

namespace FineFrame\Staging;

use FineFrame\Geometry\Turn;
use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;

/**
 * Where the parts of a body are, from stature alone: segment shares of Drillis & Contini, Body Segment Parameters,
 * NYU 1966 (as tabled in Winter, Biomechanics, 4th ed., fig. 4.1); sitting height 0.52 of stature.
 */
final readonly class Body
{
    public const HEAD_HEIGHT = 0.130;

    public const HEAD_BREADTH = 0.090;

    public const HEAD_DEPTH = 0.112;

    public const SHOULDER_BREADTH = 0.259;

    public const HIP_BREADTH = 0.191;

    public const SHOULDER_BELOW_CROWN = 0.182;

    public const EYE_BELOW_CROWN = 0.064;

    public const MOUTH_BELOW_CROWN = 0.106;

    public const SITTING_HEIGHT = 0.52;

    public const HIP_HEIGHT = 0.530;

    public const KNEE_HEIGHT = 0.285;

    /** The neck turns this far from the shoulders, no further. */
    private const NECK_LIMIT_RAD = 1.05;

    public float $crownM;

    public Vec3 $eyes;

    public Vec3 $mouth;

    /** @param  float  $floorM  what they sit or stand on, above the room's floor: a platform */
    public function __construct(public Person $person, public float $headBearingRad, public float $floorM = 0.0)
    {
        $h = $person->statureM;
        $this->crownM = $floorM + ($person->posture === Posture::Seated ? $person->seatHeightM + self::SITTING_HEIGHT * $h : $h);
        $front = Vec2::towards($headBearingRad)->times(0.48 * self::HEAD_DEPTH * $h);
        $this->eyes = $person->place->plus($front->times(0.85))->at($this->crownM - self::EYE_BELOW_CROWN * $h);
        $this->mouth = $person->place->plus($front->times(0.95))->at($this->crownM - self::MOUTH_BELOW_CROWN * $h);
    }

    /** @param  Vec2|null  $gaze what is looked at; null looks straight ahead */
    public static function looking(Person $person, ?Vec2 $gaze, float $floorM = 0.0): self
    {
        return new self($person, $gaze === null
            ? $person->facingRad
            : Turn::clamped($gaze->minus($person->place)->bearing(), $person->facingRad, self::NECK_LIMIT_RAD), $floorM);
    }

    /** The same on the room's floor. */
    public function grounded(): self
    {
        return $this->floorM === 0.0 ? $this : new self($this->person, $this->headBearingRad);
    }

    public function face(): Vec2
    {
        return Vec2::towards($this->headBearingRad);
    }

    /** The height of the hips: the seat for one who sits. */
    public function hipM(): float
    {
        return $this->floorM + ($this->person->posture === Posture::Seated
            ? $this->person->seatHeightM + 0.06 * $this->person->statureM
            : self::HIP_HEIGHT * $this->person->statureM);
    }

    public function shoulderM(): float
    {
        return $this->crownM - self::SHOULDER_BELOW_CROWN * $this->person->statureM;
    }
}
