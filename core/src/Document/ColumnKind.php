<?php

declare(strict_types=1);

namespace FineFrame\Document;

enum ColumnKind
{
    case Text;
    case Number;
    case Metres;
    case Degrees;
    case Flag;
    case Choice;
    case Clock;
    case Date;
    case Colour;
    case Id;
}
