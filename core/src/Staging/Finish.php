<?php

declare(strict_types=1);

namespace FineFrame\Staging;

/** What the front of a thing gives back: framed glass, mirrors and dark screens show what stands before them. */
enum Finish: string
{
    case Matt = 'matt';
    case Glazed = 'framed glass';
    case Mirror = 'mirror';
    case Screen = 'screen';
}
