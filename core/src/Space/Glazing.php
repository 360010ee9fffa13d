<?php

declare(strict_types=1);

namespace FineFrame\Space;

/** What fills an opening; frosted panes spread the sun, so that it throws no patch. */
enum Glazing: string
{
    case Open = 'open';
    case Single = 'single';
    case Double = 'double';
    case Frosted = 'frosted';
}
