<?php

declare(strict_types=1);

namespace FineFrame\Plan;

/** D-04: what makes two frames cut together. */
enum CutSchool: string
{
    case SizeAndAngle = 'size-and-angle';
    case SizeAlone = 'size-alone';
    case AngleAlone = 'angle-alone';
}
