<?php

declare(strict_types=1);

namespace FineFrame\Camera;

/** Names for how much of a person a frame holds: its height at the face over the person's stature. */
enum ShotSize: string
{
    case ExtremeClose = 'extreme close-up';
    case Close = 'close-up';
    case MediumClose = 'medium close-up';
    case Medium = 'medium';
    case Cowboy = 'cowboy';
    case Full = 'full';
    case Wide = 'wide';

    public static function of(float $fieldHeightM, float $statureM): self
    {
        $share = $fieldHeightM / $statureM;
        foreach (self::cases() as $size) {
            if ($share <= $size->upToStatures()) {
                return $size;
            }
        }

        return self::Wide;
    }

    /** The frame's height in statures when this size is asked for. */
    public function usualStatures(): float
    {
        return match ($this) {
            self::ExtremeClose => 0.13,
            self::Close => 0.22,
            self::MediumClose => 0.35,
            self::Medium => 0.5,
            self::Cowboy => 0.72,
            self::Full => 1.15,
            self::Wide => 1.8,
        };
    }

    /** The largest frame of this name: cut at the chin and collar, chest, waist, thigh and below the feet, with headroom. */
    private function upToStatures(): float
    {
        return match ($this) {
            self::ExtremeClose => 0.15,
            self::Close => 0.28,
            self::MediumClose => 0.42,
            self::Medium => 0.58,
            self::Cowboy => 0.85,
            self::Full => 1.35,
            self::Wide => INF,
        };
    }
}
