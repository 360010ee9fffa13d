<?php

declare(strict_types=1);

namespace FineFrame\Measure;

/** The unit a computed figure is in; its value is the unit's name in files. */
enum Unit: string
{
    case Metre = 'm';
    case SquareMetre = 'm2';
    case Millimetre = 'mm';
    case Degree = 'deg';
    case Lux = 'lx';
    case Stop = 'stop';
    case TStop = 't_stop';
    case Share = 'share';
    case Ratio = 'ratio';
    case Decibel = 'db';
    case LevelA = 'db_a';
    case Kelvin = 'kelvin';
    case Mired = 'mired';
    case Duv = 'duv';
    case Watt = 'watt';
    case Ampere = 'ampere';
    case Volt = 'volt';
    case Second = 's';
    case Kilogram = 'kg';
    case CubicMetre = 'm3';
    case MetreASecond = 'm_per_s';
    case Count = 'count';
}
