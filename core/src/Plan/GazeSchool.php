<?php

declare(strict_types=1);

namespace FineFrame\Plan;

/** D-01: where the speaker looks. */
enum GazeSchool: string
{
    case BesideLens = 'beside-lens';
    case IntoLens = 'into-lens';
}
