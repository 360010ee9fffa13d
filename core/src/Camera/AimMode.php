<?php

declare(strict_types=1);

namespace FineFrame\Camera;

enum AimMode: string
{
    case Eyes = 'eyes';
    case Free = 'free';
}
