<?php

declare(strict_types=1);

namespace FineFrame\Grip;

/** How a support holds what it carries. */
enum SupportKind: string
{
    case Stand = 'stand';
    case Slider = 'slider';
    case Gimbal = 'gimbal';
    case Shoulder = 'shoulder';
    case Clamp = 'clamp';
    case Arm = 'overhead arm';
    case Hand = 'by hand';

    /** Whether somebody carries it, standing behind. */
    public function isCarried(): bool
    {
        return $this === self::Gimbal || $this === self::Shoulder || $this === self::Hand;
    }

    /** Whether it has legs on the floor. */
    public function stands(): bool
    {
        return $this === self::Stand || $this === self::Slider || $this === self::Arm;
    }
}
