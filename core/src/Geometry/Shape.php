<?php

declare(strict_types=1);

namespace FineFrame\Geometry;

enum Shape: string
{
    case Box = 'box';
    case Round = 'round';
}
