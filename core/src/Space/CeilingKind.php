<?php

declare(strict_types=1);

namespace FineFrame\Space;

enum CeilingKind: string
{
    case Flat = 'flat';
    case Sloped = 'sloped';
    case None = 'none';
}
