<?php

declare(strict_types=1);

namespace FineFrame\Camera;

/** On which side of the frame the looking room is left. */
enum LookingSide: string
{
    case Ahead = 'ahead';
    case Left = 'left';
    case Right = 'right';
    case Centred = 'centred';
}
