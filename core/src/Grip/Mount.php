<?php

declare(strict_types=1);

namespace FineFrame\Grip;

/** What one thing sits on, and what another offers: both are called alike where they go together. */
enum Mount: string
{
    case Unsaid = 'nobody has said';
    case Stud16 = '16 mm stud';
    case Stud28 = '28 mm stud';
    case Quarter = '¼ inch screw';
    case ThreeEighths = '⅜ inch screw';
    case Shoe = 'shoe';
    case Tube = 'tube clips';
    case Pole = 'pole holder';
    case Clip = 'microphone clip';
    case Plate = 'camera plate';
}
