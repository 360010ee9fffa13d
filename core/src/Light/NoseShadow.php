<?php

declare(strict_types=1);

namespace FineFrame\Light;

/**
 * Where the shadow of the tip of a nose falls on the plane of the face: light from θ off the nose throws it h·tan θ long, away from
 * the light. What one looks at on set to see whether a key is right.
 */
final readonly class NoseShadow
{
    /** A tip stands so far before the lip, metres: a middle value for adults, from tables of head measures. */
    public const TIP_M = 0.022;

    /** From the tip down to the upper lip’s edge: a shadow longer than this crosses the mouth. */
    public const TO_LIP_M = 0.026;

    /** From here on off the nose there is light from the side: the shadow runs off the cheek. */
    private const FARTHEST_RAD = 78 * M_PI / 180;

    /** So far off level or upright, a direction is said to be neither. */
    private const PLAIN = 0.35;

    /** @param  float  $rightM  toward their right; $downM: downward */
    private function __construct(public float $rightM, public float $downM)
    {
    }

    /**
     * @param  float  $azimuthRad  of the light off the nose, clockwise seen from above: positive is their right
     * @param  float  $elevationRad  over the eyes
     * @return self|null null where the light comes from the side or behind, and no shadow ends on the cheek
     */
    public static function of(float $azimuthRad, float $elevationRad): ?self
    {
        $ahead = cos($elevationRad) * cos($azimuthRad);

        return $ahead < cos(self::FARTHEST_RAD) ? null : new self(
            -self::TIP_M * cos($elevationRad) * sin($azimuthRad) / $ahead,
            self::TIP_M * sin($elevationRad) / $ahead,
        );
    }

    public function lengthM(): float
    {
        return hypot($this->rightM, $this->downM);
    }

    public function crossesTheMouth(): bool
    {
        return $this->downM > self::TO_LIP_M;
    }

    /** Where to, in words: `down to their left`. */
    public function way(): string
    {
        $length = max(1e-9, $this->lengthM());
        $up = match (true) {
            $this->downM / $length > self::PLAIN => 'down',
            $this->downM / $length < -self::PLAIN => 'up',
            default => '',
        };
        $side = match (true) {
            $this->rightM / $length > self::PLAIN => 'to their right',
            $this->rightM / $length < -self::PLAIN => 'to their left',
            default => '',
        };

        return trim("$up $side");
    }
}
