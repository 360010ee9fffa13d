<?php

declare(strict_types=1);

namespace FineFrame\Judge;

/** The twelve stages in working order. */
enum Stage: string
{
    case Brief = 'brief';
    case Scout = 'scout';
    case Measure = 'measure';
    case Stage = 'stage';
    case Cameras = 'cameras';
    case Light = 'light';
    case Sound = 'sound';
    case Rig = 'rig';
    case Rundown = 'rundown';
    case Pack = 'pack';
    case Roll = 'roll';
    case Wrap = 'wrap';
}
