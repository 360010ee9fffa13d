<?php

declare(strict_types=1);

namespace FineFrame\Light;

/** What something before a lamp does to its light. */
enum ModifierKind: string
{
    /** A soft box, a lantern, an umbrella: a face of its own in place of the lamp's. */
    case Face = 'face';

    /** A cloth in a frame some way before it: the cloth becomes the source. */
    case Frame = 'diffusion frame';

    /** A board that the lamp is turned to: the board becomes the source. */
    case Board = 'bounce board';

    /** Cells that cut what goes far aside, softly. */
    case Grid = 'grid';

    /** Leaves that cut what goes aside, at once. */
    case Doors = 'barn doors';

    /** A lens or reflector that gathers the light into a beam. */
    case Beam = 'beam';

    /** A gel, a net, a neutral density: less of it, or another colour. */
    case Gel = 'gel or net';
}
