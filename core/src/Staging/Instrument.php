<?php

declare(strict_types=1);

namespace FineFrame\Staging;

/** What someone plays; drawn in true size where they play it. */
enum Instrument: string
{
    case None = 'nothing';
    case Voice = 'voice, at a stand';
    case Cello = 'cello';
    case Guitar = 'guitar';
    case Keys = 'keys';
    case Drums = 'drums';
}
