<?php

declare(strict_types=1);

namespace FineFrame\Scene;

/** What a face is made of; the views choose its colour. */
enum Material: string
{
    case Wall = 'wall';
    case Floor = 'floor';
    case Ceiling = 'ceiling';
    case Glass = 'glass';
    case Door = 'door';
    case Wood = 'wood';
    case Skin = 'skin';
    case Hair = 'hair';
    case Eye = 'eye';
    case Cloth = 'cloth';
    case Trousers = 'trousers';
    case Metal = 'metal';
    case Black = 'black';
    case LampFace = 'lamp-face';
}
