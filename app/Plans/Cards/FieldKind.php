<?php

declare(strict_types=1);

namespace App\Plans\Cards;

enum FieldKind
{
    case Length;
    case Number;
    case Share;
    case Text;
    case Choice;
    case Flag;
}
