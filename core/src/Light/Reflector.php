<?php

declare(strict_types=1);

namespace FineFrame\Light;

use FineFrame\Geometry\Vec3;

/**
 * A board that throws the sun onto a face: which way it must look, what it gives, and how soon the sun has moved it off. By
 * the law of reflection its normal halves the angle between sun and face.
 */
final readonly class Reflector
{
    /** A bright board spreads what it throws by about so much to each side; a dull one by this. */
    public const BRIGHT_RAD = 4 * M_PI / 180;

    public const DULL_RAD = 18 * M_PI / 180;

    private function __construct(public Vec3 $normal, public float $lux, public float $offRad)
    {
    }

    /**
     * @param  Vec3  $towardsSun  unit
     * @param  float  $sunLux  square to the sun's rays
     * @param  float  $areaM2  of the board
     * @param  float  $gives  the share that it gives back
     * @param  float  $spreadRad  half angle of the cone that it throws
     * @return self|null null where the face is behind it however it is turned: the sun stands between
     */
    public static function at(
        Vec3 $board,
        Vec3 $face,
        Vec3 $towardsSun,
        float $sunLux,
        float $areaM2,
        float $gives,
        float $spreadRad,
    ): ?self {
        $to = $face->minus($board);
        $distance = $to->length();
        $half = $towardsSun->plus($distance > 0.0 ? $to->times(1 / $distance) : new Vec3(0, 0, 0));
        if ($distance < 0.05 || $half->length() < 0.05) {
            return null;
        }
        $normal = $half->unit();
        $incidence = $normal->dot($towardsSun);
        // All that the board catches, spread over the cone: near by it is no more than the sun gives.
        $lumens = $gives * $sunLux * $areaM2 * $incidence;
        $spot = M_PI * ($distance * tan($spreadRad) + sqrt($areaM2 * $incidence / M_PI)) ** 2;

        return new self($normal, min($gives * $sunLux, $lumens / $spot), $spreadRad + atan(sqrt($areaM2 * $incidence / M_PI) / $distance));
    }

    /** Compass-like bearing of the board's face on the plan, radians. */
    public function bearingRad(): float
    {
        return $this->normal->floor()->bearing();
    }

    /** How far it is tilted up, radians. */
    public function tiltRad(): float
    {
        return $this->normal->elevation();
    }

    /**
     * Seconds until what it throws has left the face: the beam turns as the sun does.
     *
     * @param  \Closure(float): Vec3  $sunAfter  the way to the sun so many seconds on
     */
    public function leavesAfterS(\Closure $sunAfter): float
    {
        $now = $sunAfter(0.0);
        for ($seconds = 60.0; $seconds <= 7200.0; $seconds += 60.0) {
            if ($now->angleTo($sunAfter($seconds)) > $this->offRad) {
                return $seconds;
            }
        }

        return 7200.0;
    }
}
