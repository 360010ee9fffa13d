<?php

declare(strict_types=1);

namespace FineFrame\Staging;

enum Posture: string
{
    case Seated = 'seated';
    case Standing = 'standing';
}
