<?php

declare(strict_types=1);

namespace FineFrame\Sound;

/** How a microphone is used. */
enum MicUse: string
{
    /** On a pole or a stand, pointed. */
    case Pole = 'pole or stand';

    /** On clothes, in the hair, at an instrument. */
    case Worn = 'worn';

    /** Flat on a table or the floor: what it lies on doubles the pressure. */
    case Boundary = 'boundary';

    /** On or in a camera. */
    case Camera = 'on the camera';
}
