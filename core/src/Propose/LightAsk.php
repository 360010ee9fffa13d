<?php

declare(strict_types=1);

namespace FineFrame\Propose;

use FineFrame\Judge\LitFace;

/** What can be asked of the light on a face, one step after another. */
enum LightAsk: string
{
    case Light = 'light';
    case Shape = 'shape';
    case Even = 'even';
    case Soft = 'soft';
    case Edge = 'edge';
    case WindowEdge = 'window-edge';
    case Eyes = 'eyes';
    case LessBehind = 'less-behind';
    case MoreBehind = 'more-behind';

    /** The strongest lamp that is left: where it does most. */
    case Strongest = 'strongest';

    /** Stops that a background stays under the face. */
    private const UNDER_FACE = 0.3;

    /** More of it than this is no better answer, stops (for eyes, yes or no). */
    public function enough(): float
    {
        return match ($this) {
            self::Edge, self::WindowEdge => 1.5,
            default => 1.0,
        };
    }

    /** Less of it than this is seen by nobody. */
    public function least(): float
    {
        return match ($this) {
            self::Eyes => 1.0,
            self::Edge, self::WindowEdge => 0.4,
            default => 0.2,
        };
    }

    /** How much of what is asked a change brings. */
    public function gain(LitFace $before, LitFace $after, float $hairLimit): float
    {
        return match ($this) {
            self::Light => abs($before->over) - abs($after->over),
            self::Shape => log($after->cheeks / $before->cheeks, 2),
            self::Even => log($before->cheeks / $after->cheeks, 2),
            self::Soft => log(($after->seenRad ?? M_PI) / ($before->seenRad ?? M_PI), 2),
            self::Edge, self::WindowEdge => min($hairLimit, $after->hair) - $before->hair,
            self::Eyes => (float) ($after->catches === true && $before->catches === false),
            self::LessBehind => ($after->under ?? 0.0) - ($before->under ?? 0.0),
            // Brighter than the face it would be no background.
            self::MoreBehind => ($before->under ?? 0.0) - max(self::UNDER_FACE, $after->under ?? 0.0),
            self::Strongest => $after->over - $before->over,
        };
    }

    /** Whether cheek to cheek is what is asked for, so that its change costs nothing. */
    public function isOfShape(): bool
    {
        return $this === self::Shape || $this === self::Even;
    }

    public function isOfBackground(): bool
    {
        return $this === self::LessBehind || $this === self::MoreBehind;
    }
}
