<?php

declare(strict_types=1);

namespace FineFrame\Space;

/** How a door opens, as seen from inside, hinged at the corner it is measured from (left) or at its other end. */
enum Swing: string
{
    case InLeft = 'in, hinged left';
    case InRight = 'in, hinged right';
    case OutLeft = 'out, hinged left';
    case OutRight = 'out, hinged right';
    case Slides = 'slides';
    case None = 'none';

    public function takesFloor(): bool
    {
        return match ($this) {
            self::InLeft, self::InRight => true,
            self::OutLeft, self::OutRight, self::Slides, self::None => false,
        };
    }

    public function hingedAtStart(): bool
    {
        return match ($this) {
            self::InLeft, self::OutLeft, self::Slides, self::None => true,
            self::InRight, self::OutRight => false,
        };
    }
}
